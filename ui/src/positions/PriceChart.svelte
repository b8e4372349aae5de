<script lang="ts">
  import type { ECharts } from 'echarts/core';
  import type { Bar, PositionDetails } from '../api/client';
  import Drawn from '../chart/Drawn.svelte';
  import { colours, trimmed } from '../chart/price';
  import { option } from './lines';

  type Props = { details: PositionDetails; bars: Bar[]; now: number | null; onstop: (price: string) => void };
  let { details, bars, now, onstop }: Props = $props();

  let box = $state<HTMLElement>();
  let chart = $state.raw<ECharts>();
  let dragging = false;

  $effect(() => {
    if (!chart || !box || bars.length === 0 || dragging) return;
    const colour = colours(box);
    chart.setOption(option(details, bars, now, colour), { replaceMerge: ['series'] });
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

<Drawn bind:chart bind:box height="22rem" label="Price of {details.instrument} with average, break-even, stop and targets" />
