import type { EChartsCoreOption } from 'echarts/core';
import type { Drawing, Previewed, StudyKind, StudyOnChart, View } from './api';
import { moment } from './format';

const INK = '#23282f';
const RULE = '#dfe5ec';
const QUIET = '#66707d';
/** Pencils for the studies' lines. */
const PENCILS = ['#2b3f8c', '#7a3fa0', '#8a5a00', '#1f6f78', '#9c1f2e', '#3d5a2a'];

type Asked = {
  view: View;
  studies: StudyOnChart[];
  kinds: Record<string, StudyKind>;
  drawings: Drawing[];
  preview: Previewed | null;
  digits: number;
  isNew: boolean;
};

/** The whole picture: candles with what lies over them, a strip of marks, and a pane for studies that are no prices. */
export function options({ view, studies, kinds, drawings, preview, digits, isNew }: Asked): EChartsCoreOption {
  const below = studies.some((one) => kinds[one.study]?.over_price === false);
  const label = (at: number) => moment(at, view.at.length > 1 && (view.at[1] ?? 0) - (view.at[0] ?? 0) < 60_000);
  const x = { type: 'category', data: view.at, boundaryGap: true, axisTick: { show: false }, splitLine: { show: false } };
  const grids = [
    { outerBoundsMode: 'none', left: 12, right: 76, top: 10, bottom: below ? 158 : 58 },
    ...(below ? [{ outerBoundsMode: 'none', left: 12, right: 76, height: 78, bottom: 58 }] : []),
  ];
  return {
    animation: false,
    textStyle: { fontFamily: 'DejaVu Sans Mono, monospace', color: INK },
    axisPointer: { show: true, link: [{ xAxisIndex: 'all' }], label: { backgroundColor: INK } },
    grid: grids,
    xAxis: grids.map((_, i) => ({
      ...x,
      gridIndex: i,
      axisLine: { lineStyle: { color: RULE } },
      axisLabel: {
        show: i === grids.length - 1,
        color: QUIET,
        fontSize: 10,
        hideOverlap: true,
        alignMinLabel: 'left',
        formatter: (at: string) => label(Number(at)).slice(5),
      },
      axisPointer: { label: { formatter: ({ value }: { value: unknown }) => label(Number(value)) } },
    })),
    yAxis: grids.map((_, i) => ({
      scale: true,
      gridIndex: i,
      position: 'right',
      splitNumber: i === 0 ? 6 : 2,
      axisLabel: { color: QUIET, fontSize: 10, formatter: (value: number) => value.toFixed(i === 0 ? digits : 2) },
      splitLine: { lineStyle: { color: RULE } },
      axisPointer: { label: { formatter: ({ value }: { value: unknown }) => Number(value).toFixed(i === 0 ? digits : 2) } },
    })),
    ...(isNew
      ? {
          dataZoom: [
            {
              type: 'inside',
              xAxisIndex: grids.map((_, i) => i),
              start: view.at.length > 400 ? 100 - 30_000 / view.at.length : 0,
              end: 100,
            },
            {
              type: 'slider',
              xAxisIndex: grids.map((_, i) => i),
              height: 16,
              bottom: 8,
              borderColor: RULE,
              brushSelect: false,
              showDetail: false,
            },
          ],
        }
      : {}),
    series: [...candles(view, drawings), ...lines(view, studies, kinds), ...marks(view, preview)],
  };
}

/** Hollow where it rose, filled where it fell: in one ink. */
function candles(view: View, drawings: Drawing[]): object[] {
  const last = view.close.at(-1);
  const across = (points: [number, number][]): object[] => {
    const [from, to] = points;
    if (from === undefined) return [];
    const dashed = { lineStyle: { color: '#2b3f8c', type: 'dashed', width: 1 }, label: { show: false } };
    if (to === undefined) return [{ yAxis: from[1], ...dashed }];
    const [first, end] = [view.at[0] ?? 0, view.at.at(-1) ?? 0];
    const price = (at: number) => from[1] + ((to[1] - from[1]) * (at - from[0])) / (to[0] - from[0]);
    return [[{ coord: [String(first), price(first)], ...dashed }, { coord: [String(end), price(end)] }]];
  };
  return [
    {
      type: 'candlestick',
      name: 'candles',
      data: view.at.map((_, i) => [view.open[i], view.close[i], view.low[i], view.high[i]]),
      itemStyle: { color: '#ffffff', color0: INK, borderColor: INK, borderColor0: INK },
      large: false,
      markLine: {
        symbol: 'none',
        silent: true,
        precision: 10,
        data: [
          ...(last === undefined
            ? []
            : [
                {
                  yAxis: last,
                  lineStyle: { color: QUIET, type: 'dotted' },
                  label: { show: true, position: 'end', color: INK, backgroundColor: '#ffffff', padding: [2, 3] },
                },
              ]),
          ...drawings.flatMap((one) => across(one.points)),
        ],
      },
    },
  ];
}

function lines(view: View, studies: StudyOnChart[], kinds: Record<string, StudyKind>): object[] {
  let pencil = 0;
  return studies.flatMap((one, i) => {
    const kind = kinds[one.study];
    // The flip's direction and the bands' share are no prices.
    const shown = (kind?.lines ?? []).filter((line) => kind?.over_price !== true || !['direction', 'share'].includes(line));
    return shown.map((line) => ({
      type: 'line',
      name: `${kind?.label ?? ''} ${line}`,
      xAxisIndex: kind?.over_price === false ? 1 : 0,
      yAxisIndex: kind?.over_price === false ? 1 : 0,
      data: view.lines[i]?.[line] ?? [],
      symbol: 'none',
      silent: true,
      lineStyle: { width: 1.2, color: PENCILS[pencil++ % PENCILS.length] },
    }));
  });
}

/** Where the condition holds: a dot under each candle. Where the preview bought and sold: a flag at its price. */
function marks(view: View, preview: Previewed | null): object[] {
  const span = Math.max(...view.high) - Math.min(...view.low);
  const known = new Set(view.at);
  const trades = (preview?.marks ?? []).filter((mark) => known.has(mark.candle));
  const flags = (side: 'buy' | 'sell') => ({
    type: 'scatter',
    name: side,
    data: trades.filter((mark) => mark.side === side).map((mark) => [String(mark.candle), Number(mark.price)]),
    symbol: side === 'buy' ? 'path://M0,10 L5,0 L10,10 L10,16 L0,16 Z' : 'path://M0,0 L10,0 L10,6 L5,16 L0,6 Z',
    symbolSize: [9, 14],
    symbolOffset: [0, side === 'buy' ? 10 : -10],
    itemStyle: { color: side === 'buy' ? '#2b3f8c' : '#ffffff', borderColor: '#2b3f8c', borderWidth: 1.4 },
    silent: true,
    z: 5,
  });
  return [
    {
      type: 'scatter',
      name: 'holds',
      data: (view.condition?.holds ?? []).map((i) => [String(view.at[i]), (view.low[i] ?? 0) - span * 0.015]),
      symbol: 'circle',
      symbolSize: 5,
      itemStyle: { color: '#7a3fa0' },
      silent: true,
      z: 4,
    },
    flags('buy'),
    flags('sell'),
  ];
}
