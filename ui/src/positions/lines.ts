import type { EChartsCoreOption } from 'echarts/core';
import type { Bar, PositionDetails } from '../api/client';

export type Colours = { ink: string; quiet: string; rule: string; long: string; short: string; accent: string; ground: string };

/** A level across the chart, with what it is called at its right end. */
type Level = { name: string; price: number; colour: string; type: 'solid' | 'dashed' | 'dotted'; width: number };

const TOP = 12;
const BOTTOM = 26;

export function colours(of: HTMLElement): Colours {
  const style = getComputedStyle(of);
  const read = (name: string) => style.getPropertyValue(name).trim();
  return {
    ink: read('--color-base-content'),
    quiet: read('--color-secondary'),
    rule: read('--color-base-300'),
    long: read('--long'),
    short: read('--short'),
    accent: read('--color-accent'),
    ground: read('--color-base-100'),
  };
}

/** The position's levels; what lies far outside what the price did is left to the figures beside the chart. */
export function levels(details: PositionDetails, colour: Colours): Level[] {
  const { position, protection } = details;
  if (!position) return [];
  const found: Level[] = [
    { name: `average ${position.average}`, price: Number(position.average), colour: colour.ink, type: 'solid', width: 1 },
    {
      name: `break-even ${position.break_even}`,
      price: Number(position.break_even),
      colour: colour.quiet,
      type: 'dotted',
      width: 1.5,
    },
  ];
  if (protection?.stop)
    found.push({
      name: `${protection.why === 'stop' || protection.why === 'by hand' ? 'stop' : protection.why} ${protection.stop}`,
      price: Number(protection.stop),
      colour: colour.short,
      type: 'solid',
      width: 2,
    });
  for (const target of protection?.targets ?? [])
    found.push({
      name: `target ${target.number} ${target.price}`,
      price: Number(target.price),
      colour: colour.long,
      type: 'dashed',
      width: 1.5,
    });
  return found;
}

/** From the lowest to the highest of what is worth seeing. Levels further away than three times the price's own range do not press it flat. */
export function range(bars: Bar[], all: Level[]): [number, number] {
  const low = Math.min(...bars.map((bar) => Number(bar.low)));
  const high = Math.max(...bars.map((bar) => Number(bar.high)));
  const reach = Math.max((high - low) * 3, high * 0.002);
  const near = all.map((level) => level.price).filter((price) => price > low - reach && price < high + reach);
  const bottom = Math.min(low, ...near);
  const top = Math.max(high, ...near);
  const air = (top - bottom) * 0.06;
  return [bottom - air, top + air];
}

export function option(
  details: PositionDetails,
  bars: Bar[],
  now: number | null,
  colour: Colours,
  clock: (at: number) => string,
): EChartsCoreOption {
  const all = levels(details, colour);
  const [min, max] = range(bars, all);
  const seen = all.filter((level) => level.price >= min && level.price <= max);
  const begins = Number(bars[0]?.at ?? 0);
  const ends = Number(bars.at(-1)?.at ?? 0);
  const length = bars.length > 1 ? Number(bars[1]?.at) - begins : 60_000;
  const last: [number, number][] = now === null ? [] : [[ends + length / 2, now]];
  const fills = details.fills.filter((fill) => Date.parse(fill.at ?? '') >= begins);
  const moves = (details.protection?.moves ?? []).map((move): [number, number] => [
    Math.max(begins, Date.parse(move.at)),
    Number(move.stop),
  ]);
  const path =
    moves.length > 0 && details.protection?.stop
      ? [...moves, [ends + length, Number(details.protection.stop)] as [number, number]]
      : [];
  return {
    animation: false,
    textStyle: { fontFamily: 'Overpass Variable, sans-serif' },
    grid: { left: 64, right: 140, top: TOP, bottom: BOTTOM },
    xAxis: {
      type: 'time',
      min: begins,
      max: ends + length,
      axisLine: { lineStyle: { color: colour.rule } },
      axisTick: { show: false },
      axisLabel: { color: colour.quiet, fontSize: 11, formatter: clock },
      splitLine: { show: false },
    },
    yAxis: {
      type: 'value',
      min,
      max,
      axisLabel: {
        color: colour.quiet,
        fontSize: 11,
        showMinLabel: false,
        showMaxLabel: false,
        formatter: (value: number) => trimmed(value, details.tick),
      },
      splitLine: { lineStyle: { color: colour.rule, opacity: 0.5 } },
    },
    series: [
      // The span between low and high of each bar, as a ribbon, and the closes as a line on it.
      {
        type: 'line',
        data: bars.map((bar) => [Number(bar.at) + length / 2, Number(bar.low)]),
        stack: 'span',
        stackStrategy: 'all',
        symbol: 'none',
        lineStyle: { opacity: 0 },
        silent: true,
      },
      {
        type: 'line',
        data: bars.map((bar) => [Number(bar.at) + length / 2, Number(bar.high) - Number(bar.low)]),
        stack: 'span',
        stackStrategy: 'all',
        symbol: 'none',
        lineStyle: { opacity: 0 },
        areaStyle: { color: colour.quiet, opacity: 0.22 },
        silent: true,
      },
      {
        type: 'line',
        data: [
          ...bars.slice(0, last.length > 0 ? -1 : undefined).map((bar) => [Number(bar.at) + length / 2, Number(bar.close)]),
          ...last,
        ],
        symbol: 'none',
        lineStyle: { color: colour.ink, width: 1.4 },
        silent: true,
        markLine: {
          // Two digits, which it would take by itself, are too few for most prices.
          precision: 10,
          symbol: 'none',
          silent: true,
          data: seen.map((level) => ({
            yAxis: level.price,
            lineStyle: { color: level.colour, type: level.type, width: level.width },
            label: {
              formatter: level.name,
              position:
                level.type !== 'dotted' ? 'end' : details.position?.side === 'long' ? 'insideMiddleTop' : 'insideMiddleBottom',
              color: level.colour,
              fontSize: 11,
              fontWeight: 600,
            },
          })),
        },
      },
      {
        type: 'line',
        step: 'end',
        data: path,
        symbol: 'none',
        lineStyle: { color: colour.short, width: 1, type: 'dotted' },
        silent: true,
      },
      {
        type: 'scatter',
        data: fills.map((fill) => ({
          value: [Date.parse(fill.at ?? ''), Number(fill.price)],
          symbol: 'triangle',
          symbolRotate: fill.side === 'buy' ? 0 : 180,
          itemStyle: { color: fill.side === 'buy' ? colour.long : colour.short, borderColor: colour.ground, borderWidth: 1 },
        })),
        symbolSize: 13,
        silent: true,
      },
    ],
  };
}

/** A price with the digits of the tick. */
export function trimmed(value: number, tick: string): string {
  return value.toFixed((tick.split('.')[1] ?? '').length);
}
