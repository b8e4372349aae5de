import type { EChartsCoreOption } from 'echarts/core';
import type { Bar, PositionDetails } from '../api/client';
import { axes, reach, ribbon, span, type Colours, type Level } from '../chart/price';

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
  const far = Math.max((high - low) * 3, high * 0.002);
  return reach(
    bars,
    all.map((level) => level.price).filter((price) => price > low - far && price < high + far),
  );
}

export function option(details: PositionDetails, bars: Bar[], now: number | null, colour: Colours): EChartsCoreOption {
  const all = levels(details, colour);
  const over = span(bars, range(bars, all));
  const seen = all.filter((level) => level.price >= over.min && level.price <= over.max);
  const fills = details.fills.filter((fill) => Date.parse(fill.at ?? '') >= over.begins);
  const moves = (details.protection?.moves ?? []).map((move): [number, number] => [
    Math.max(over.begins, Date.parse(move.at)),
    Number(move.stop),
  ]);
  const path =
    moves.length > 0 && details.protection?.stop
      ? [...moves, [over.ends, Number(details.protection.stop)] as [number, number]]
      : [];
  const inside = details.position?.side === 'long' ? 'insideMiddleTop' : 'insideMiddleBottom';
  return {
    ...axes(over, colour, details.tick),
    series: [
      ...ribbon(bars, over, now, seen, (level) => (level.type !== 'dotted' ? 'end' : inside), colour),
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
