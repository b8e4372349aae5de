import { expect, test } from '@playwright/test';
import type { Decision, Order, Step } from '../../ui/src/api/client';
import { arms, restsAt } from '../../ui/src/panel/stations';
import { fixed, grouped, sign } from '../../ui/src/shared/decimal';

test('decimals are set out without ever becoming numbers', () => {
  const rows: [string, string][] = [
    ['0', '0'],
    ['-1234.50', '−1 234.50'],
    ['12345678901234567890.123456789', '12 345 678 901 234 567 890.123456789'],
    ['999', '999'],
  ];
  for (const [given, shown] of rows) expect(grouped(given).replaceAll('\u202f', ' ')).toBe(shown);
  expect([fixed('1', 2), fixed('1.239', 2), fixed('-0.5', 4), fixed('7.9', 0)]).toEqual(['1.00', '1.23', '-0.5000', '7']);
  expect(['0.00', '-0', '-0.01', '3'].map(sign)).toEqual([0, 0, -1, 1]);
});

test('the arms of a line show where its signal got to', () => {
  const decision = (steps: [Step['station'], Step['verdict']][], orders: Order['state'][] = []) =>
    ({ steps: steps.map(([station, verdict]) => ({ station, verdict, sentence: '', numbers: {} })), orders: orders.map((state) => ({ state })) }) as Decision;
  const through: [Step['station'], Step['verdict']][] = [['read', 'pass'], ['match', 'pass'], ['intent', 'pass'], ['guard', 'pass'], ['size', 'pass'], ['plan', 'pass']];
  const rows: [Decision | null, string[], number][] = [
    [null, ['unreached', 'unreached', 'unreached', 'unreached', 'unreached'], 0],
    [decision([['read', 'pass'], ['match', 'pass'], ['intent', 'nothing']]), ['nothing', 'unreached', 'unreached', 'unreached', 'unreached'], 0],
    [decision([['read', 'pass'], ['match', 'pass'], ['intent', 'pass'], ['guard', 'refuse']]), ['pass', 'refuse', 'unreached', 'unreached', 'unreached'], 1],
    [decision(through, ['filled']), ['pass', 'pass', 'pass', 'pass', 'unreached'], 5],
    [decision(through, ['filled', 'refused']), ['pass', 'pass', 'pass', 'refuse', 'unreached'], 3],
  ];
  for (const [given, expected, rest] of rows) {
    expect(arms(given)).toEqual(expected);
    expect(restsAt(arms(given))).toBe(rest);
  }
});
