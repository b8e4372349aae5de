<script lang="ts">
  import { LineChart, ScatterChart } from 'echarts/charts';
  import { GraphicComponent, GridComponent, MarkLineComponent } from 'echarts/components';
  import { init, use, type ECharts } from 'echarts/core';
  import { CanvasRenderer } from 'echarts/renderers';
  import type { Bar, PositionDetails } from '../api/client';
  import { colours, option, trimmed } from './lines';

  use([LineChart, ScatterChart, GridComponent, MarkLineComponent, GraphicComponent, CanvasRenderer]);

  type Props = { details: PositionDetails; bars: Bar[]; now: number | null; onstop: (price: string) => void };
  let { details, bars, now, onstop }: Props = $props();

  let box = $state<HTMLElement>();
  let chart = $state.raw<ECharts>();
  let dragging = false;

  const clock = (at: number) => new Date(at).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });

  $effect(() => {
    if (!box) return;
    const made = init(box);
    chart = made;
    const size = new ResizeObserver(() => made.resize());
    size.observe(box);
    return () => {
      size.disconnect();
      made.dispose();
    };
  });

  $effect(() => {
    if (!chart || !box || bars.length === 0 || dragging) return;
    const colour = colours(box);
    chart.setOption(option(details, bars, now, colour, clock), { replaceMerge: ['series'] });
    grip(chart, colour.short);
  });

  /** A handle on the stop's line: dragged, it proposes another price. */
  function grip(on: ECharts, colour: string) {
    const stop = details.protection?.stop;
    const y = stop ? on.convertToPixel({ yAxisIndex: 0 }, Number(stop)) : NaN;
    const isSeen = Number.isFinite(y) && y > 8 && y < on.getHeight() - 24;
    on.setOption({
      graphic: [
        {
          id: 'grip',
          type: 'group',
          z: 100,
          invisible: !isSeen,
          x: 66,
          y: isSeen ? y - 9 : -50,
          draggable: isSeen ? 'vertical' : false,
          cursor: 'ns-resize',
          ondragstart: () => (dragging = true),
          ondragend: (event: { target: { y: number } }) => {
            dragging = false;
            onstop(trimmed(on.convertFromPixel({ yAxisIndex: 0 }, event.target.y + 9), details.tick));
          },
          children: [
            { type: 'rect', shape: { width: 62, height: 18, r: 3 }, style: { fill: colour } },
            {
              type: 'text',
              x: 31,
              y: 9,
              style: { text: '↕ stop', fill: '#fff', fontSize: 11, fontWeight: 600, align: 'center', verticalAlign: 'middle' },
            },
          ],
        },
      ],
    });
  }
</script>

<div
  bind:this={box}
  class="h-[22rem] w-full"
  role="img"
  aria-label="Price of {details.instrument} with average, break-even, stop and targets"
></div>
