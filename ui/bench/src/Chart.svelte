<script lang="ts">
  import { BarChart, CandlestickChart, LineChart, ScatterChart } from 'echarts/charts';
  import { AxisPointerComponent, DataZoomComponent, GridComponent, MarkLineComponent } from 'echarts/components';
  import { init, use, type ECharts } from 'echarts/core';
  import { CanvasRenderer } from 'echarts/renderers';
  import { bench } from './bench.svelte';
  import { options } from './drawing';

  use([
    BarChart,
    CandlestickChart,
    LineChart,
    ScatterChart,
    AxisPointerComponent,
    DataZoomComponent,
    GridComponent,
    MarkLineComponent,
    CanvasRenderer,
  ]);

  type Props = { onpoint: ((at: number, price: number) => void) | null };
  let { onpoint }: Props = $props();

  let box = $state<HTMLElement>();
  let chart = $state.raw<ECharts>();

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

<div
  bind:this={box}
  class="h-[calc(100vh-13.5rem)] min-h-80 w-full {onpoint ? 'cursor-crosshair' : ''}"
  role="img"
  aria-label="Candles of {bench.chart?.symbol}, the last at {bench.view?.close.at(-1)}"
></div>
