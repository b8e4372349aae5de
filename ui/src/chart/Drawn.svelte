<script lang="ts">
  import { LineChart, ScatterChart } from 'echarts/charts';
  import { GraphicComponent, GridComponent, MarkLineComponent } from 'echarts/components';
  import { init, use, type ECharts } from 'echarts/core';
  import { CanvasRenderer } from 'echarts/renderers';

  use([LineChart, ScatterChart, GridComponent, MarkLineComponent, GraphicComponent, CanvasRenderer]);

  type Props = { label: string; height: string; chart: ECharts | undefined; box: HTMLElement | undefined };
  let { label, height, chart = $bindable(), box = $bindable() }: Props = $props();

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
</script>

<div bind:this={box} class="w-full" style:height role="img" aria-label={label}></div>
