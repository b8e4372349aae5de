import { expect, test } from '@playwright/test';
import type { Decision, Order, Step } from '../../ui/src/api/client';
import { arms, restsAt } from '../../ui/src/panel/stations';
import { leavesOf, patternOf } from '../../ui/src/readings/leaves';
import { changesBetween } from '../../ui/src/routes/changes';
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
    ({
      steps: steps.map(([station, verdict]) => ({
        station,
        verdict,
        sentence: '',
        numbers: {},
      })),
      orders: orders.map((state) => ({ state })),
    }) as Decision;
  const through: [Step['station'], Step['verdict']][] = [
    ['read', 'pass'],
    ['match', 'pass'],
    ['intent', 'pass'],
    ['guard', 'pass'],
    ['size', 'pass'],
    ['plan', 'pass'],
  ];
  const rows: [Decision | null, string[], number][] = [
    [null, ['unreached', 'unreached', 'unreached', 'unreached', 'unreached'], 0],
    [
      decision([
        ['read', 'pass'],
        ['match', 'pass'],
        ['intent', 'nothing'],
      ]),
      ['nothing', 'unreached', 'unreached', 'unreached', 'unreached'],
      0,
    ],
    [
      decision([
        ['read', 'pass'],
        ['match', 'pass'],
        ['intent', 'pass'],
        ['guard', 'refuse'],
      ]),
      ['pass', 'refuse', 'unreached', 'unreached', 'unreached'],
      1,
    ],
    [decision(through, ['filled']), ['pass', 'pass', 'pass', 'pass', 'unreached'], 5],
    [decision(through, ['filled', 'refused']), ['pass', 'pass', 'pass', 'refuse', 'unreached'], 3],
  ];
  for (const [given, expected, rest] of rows) {
    expect(arms(given)).toEqual(expected);
    expect(restsAt(arms(given))).toBe(rest);
  }
});

test('every value of a message can be pointed at, as the server will look for it', () => {
  const places = (values: unknown) => leavesOf(values).map((leaf) => `${leaf.from} ${leaf.at} = ${leaf.value}`);
  expect(
    places({
      action: 'buy',
      'my key': '1',
      order: { qty: '3', legs: [{ p: '1' }, { p: '2' }] },
    }),
  ).toEqual(['key action = buy', 'key my key = 1', 'path order.qty = 3', 'path order.legs[0].p = 1', 'path order.legs[1].p = 2']);
  expect(places({ 'a b': { c: 'x' }, tp: ['39', '41'] })).toEqual([
    'path "a b".c = x',
    'key tp = 39, 41',
    'path tp[0] = 39',
    'path tp[1] = 41',
  ]);
  expect(places(['buy', 'MARL'])).toEqual(['column 1 = buy', 'column 2 = MARL']);
  expect(places({ empty: '', nothing: null })).toEqual(['key empty = ']);
});

test('a pointed-at piece of text becomes a pattern that finds its kind again', () => {
  const text = 'Signal on MARL/USD at 38.46: long entry (2)';
  const found = (piece: string, other: string) => {
    const start = text.indexOf(piece);
    const pattern = patternOf(text, start, start + piece.length).replace('(?-i)', '');
    return new RegExp(pattern, 'i').exec(other)?.[1];
  };
  expect(found('MARL/USD', 'Signal on TUFA/USD at 0.31')).toBe('TUFA/USD');
  expect(found('38.46', 'x at 1,204.5: long')).toBe('1,204.5');
  expect(found('Signal', 'Warning on X')).toBe('Warning');
  expect(found('(2)', 'long entry (17), done')).toBe('(17)');
});

test('what changed between two versions of a route', () => {
  const rules = {
    legs: [{ symbol: 'A', instrument: 'a' }],
    sides: 'long',
    opposite: 'ignore',
    size: { rule: 'fixed_units', amount: '1' },
  } as const;
  const before = {
    name: 'One',
    inlet_id: 1,
    account_ids: [1],
    rules: { ...rules, legs: [...rules.legs] },
  };
  expect(changesBetween(before, before)).toBe('saved without a change');
  expect(
    changesBetween(before, {
      ...before,
      account_ids: [1, 2],
      rules: { ...before.rules, size: { rule: 'fixed_units', amount: '2' } },
    }),
  ).toBe('size amount: 1 → 2; account ids 1: – → 2');
});
