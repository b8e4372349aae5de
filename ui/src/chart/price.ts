import type { EChartsCoreOption } from 'echarts/core';
import type { Bar } from '../api/client';

export type Colours = { ink: string; quiet: string; rule: string; long: string; short: string; accent: string; ground: string };

/** A level across the chart, with what it is called at its right end. */
export type Level = { name: string; price: number; colour: string; type: 'solid' | 'dashed' | 'dotted'; width: number };

type LabelAt = 'end' | 'insideMiddleTop' | 'insideMiddleBottom';

/** What a chart spans: milliseconds from left to right, prices from bottom to top, and the length of a bar. */
export type Span = { begins: number; ends: number; length: number; min: number; max: number };

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

/** A price with the digits of the tick. */
export const trimmed = (value: number, tick: string) => value.toFixed((tick.split('.')[1] ?? '').length);

export function span(bars: Bar[], [min, max]: [number, number]): Span {
  const begins = Number(bars[0]?.at ?? 0);
  const length = bars.length > 1 ? Number(bars[1]?.at) - begins : 60_000;
  return { begins, ends: Number(bars.at(-1)?.at ?? 0) + length, length, min, max };
}

/** The lowest and the highest of the bars and of some levels, with a little air around. */
export function reach(bars: Bar[], prices: number[]): [number, number] {
  const bottom = Math.min(...bars.map((bar) => Number(bar.low)), ...prices);
  const top = Math.max(...bars.map((bar) => Number(bar.high)), ...prices);
  const air = (top - bottom) * 0.06;
  return [bottom - air, top + air];
}

const TWO_DAYS = 172_800_000;

const clock = (at: number) => new Date(at).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });
const day = (at: number) => new Date(at).toLocaleDateString('en-GB', { day: '2-digit', month: 'short' });

/** Everything of a price chart but its series. */
export function axes({ begins, ends, min, max }: Span, colour: Colours, tick: string, right = 140): EChartsCoreOption {
  return {
    animation: false,
    textStyle: { fontFamily: 'Overpass Variable, sans-serif' },
    grid: { left: 64, right, top: 12, bottom: 26 },
    xAxis: {
      type: 'time',
      min: begins,
      max: ends,
      axisLine: { lineStyle: { color: colour.rule } },
      axisTick: { show: false },
      axisLabel: { color: colour.quiet, fontSize: 11, hideOverlap: true, formatter: ends - begins > TWO_DAYS ? day : clock },
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
        formatter: (value: number) => trimmed(value, tick),
      },
      splitLine: { lineStyle: { color: colour.rule, opacity: 0.5 } },
    },
  };
}

/** Which levels can bear their names without covering one before them at the same place. */
function legible(levels: Level[], { min, max }: Span, labelAt: (level: Level) => LabelAt): Set<Level> {
  const shown: Level[] = [];
  for (const level of levels)
    if (!shown.some((other) => labelAt(other) === labelAt(level) && Math.abs(other.price - level.price) < (max - min) * 0.055))
      shown.push(level);
  return new Set(shown);
}

/** The span between low and high of each bar as a ribbon, the closes as a line on it, and levels across. */
export function ribbon(
  bars: Bar[],
  over: Span,
  now: number | null,
  levels: Level[],
  labelAt: (level: Level) => LabelAt,
  colour: Colours,
): object[] {
  const named = legible(levels, over, labelAt);
  const middle = (bar: Bar) => Number(bar.at) + over.length / 2;
  const hidden = { type: 'line', stack: 'span', stackStrategy: 'all', symbol: 'none', lineStyle: { opacity: 0 }, silent: true };
  const last = bars.at(-1);
  const closes = bars.map((bar) => [middle(bar), now !== null && bar === last ? now : Number(bar.close)]);
  return [
    { ...hidden, data: bars.map((bar) => [middle(bar), Number(bar.low)]) },
    {
      ...hidden,
      data: bars.map((bar) => [middle(bar), Number(bar.high) - Number(bar.low)]),
      areaStyle: { color: colour.quiet, opacity: 0.22 },
    },
    {
      type: 'line',
      data: closes,
      symbol: 'none',
      lineStyle: { color: colour.ink, width: 1.4 },
      silent: true,
      markLine: {
        // Two digits, which it would take by itself, are too few for most prices.
        precision: 10,
        symbol: 'none',
        silent: true,
        data: levels.map((level) => ({
          yAxis: level.price,
          lineStyle: { color: level.colour, type: level.type, width: level.width },
          label: {
            show: named.has(level),
            formatter: level.name,
            position: labelAt(level),
            color: level.colour,
            backgroundColor: colour.ground,
            fontSize: 11,
            fontWeight: 600,
          },
        })),
      },
    },
  ];
}
