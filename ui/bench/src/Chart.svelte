<script lang="ts">
  import { CandlestickChart } from 'echarts/charts';
  import { AxisPointerComponent, DataZoomComponent } from 'echarts/components';
  import { use, type ECharts } from 'echarts/core';
  import Drawn from '../../src/chart/Drawn.svelte';
  import { bench } from './bench.svelte';
  import { options } from './drawing';

  use([CandlestickChart, AxisPointerComponent, DataZoomComponent]);

  type Props = { onpoint: ((at: number, price: number) => void) | null };
  let { onpoint }: Props = $props();

  let box = $state<HTMLElement>();
  let chart = $state.raw<ECharts>();

  /** What the picture is of: when it becomes another one, the zoom starts over. */
  let drawn = '';
  $effect(() => {
    const view = bench.view;
    if (!chart || !view || bench.lists === null) return;
    const of = `${bench.chartKey} ${bench.candles} ${bench.count} ${JSON.stringify(bench.studies)}`;
    const isNew = of !== drawn;
    drawn = of;
    const drawings = bench.drawings.filter((one) => one.chart === bench.chartKey);
    chart.setOption(
      options({
        view,
        studies: bench.studies,
        kinds: bench.lists.studies,
        drawings,
        preview: bench.preview,
        digits: bench.digits,
        isNew,
      }),
      { replaceMerge: ['series'], notMerge: isNew },
    );
  });

  $effect(() => {
    if (!chart) return;
    const made = chart;
    const point = (event: { offsetX: number; offsetY: number }) => {
      const [index, price] = made.convertFromPixel({ gridIndex: 0 }, [event.offsetX, event.offsetY]) ?? [];
      const at = bench.view?.at[Math.round(index ?? -1)];
      if (onpoint && at !== undefined && price !== undefined) onpoint(at, Number(price.toFixed(bench.digits)));
    };
    made.getZr().on('click', point);
    return () => made.getZr().off('click', point);
  });
</script>

<div class={onpoint ? 'cursor-crosshair' : ''}>
  <Drawn
    label="Candles of {bench.chart?.symbol}, the last at {bench.view?.close.at(-1)}"
    height="max(20rem, calc(100vh - 13.5rem))"
    bind:chart
    bind:box
  />
</div>
