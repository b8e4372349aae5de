<script lang="ts">
  import type { ECharts } from 'echarts/core';
  import type { Rung } from '../api/client';
  import Drawn from '../chart/Drawn.svelte';
  import { axes, colours, reach, ribbon, span, type Level } from '../chart/price';
  import { useBars } from '../state/queries';

  type Props = { rungs: Rung[]; side: 'long' | 'short'; accountId: number; instrument: string };
  let { rungs, side, accountId, instrument }: Props = $props();

  const HOUR = 300;
  let seconds = $state(HOUR);
  let box = $state<HTMLElement>();
  let chart = $state.raw<ECharts>();

  const bars = useBars(
    () => accountId,
    () => instrument,
    () => seconds,
  );
  const lengths = [
    { seconds: 60, words: '3 hours' },
    { seconds: HOUR, words: '15 hours' },
    { seconds: 3600, words: 'a week' },
  ];
  const last = $derived(rungs.at(-1));
  const tick = $derived(rungs[0]?.price ?? '1');

  $effect(() => {
    if (!chart || !box || !bars.data || bars.data.length === 0) return;
    const colour = colours(box);
    const mine = side === 'long' ? colour.long : colour.short;
    const levels = rungs.map((rung): Level => ({
      name: `${rung.level === 0 ? 'entry' : `add ${rung.level}`} ${rung.price} · ${rung.units}`,
      price: Number(rung.price),
      colour: mine,
      type: rung.level === 0 ? 'solid' : 'dashed',
      width: rung.level === 0 ? 2 : 1.2,
    }));
    if (last)
      levels.push({
        name: `break-even of all ${last.break_even}`,
        price: Number(last.break_even),
        colour: colour.quiet,
        type: 'dotted',
        width: 1.5,
      });
    const over = span(
      bars.data,
      reach(
        bars.data,
        levels.map((level) => level.price),
      ),
    );
    const inside = side === 'long' ? 'insideMiddleTop' : 'insideMiddleBottom';
    chart.setOption(
      {
        ...axes(over, colour, tick, 150),
        series: ribbon(bars.data, over, null, levels, (level) => (level.type === 'dotted' ? inside : 'end'), colour),
      },
      { replaceMerge: ['series'] },
    );
  });
</script>

{#if bars.data && bars.data.length > 0}
  <div class="mt-2 flex items-center gap-1 text-xs" role="group" aria-label="How far back">
    <span class="quiet">The ladder over the last</span>
    {#each lengths as one (one.seconds)}
      <button
        type="button"
        class="btn btn-xs {seconds === one.seconds ? 'btn-primary' : ''}"
        aria-pressed={seconds === one.seconds}
        onclick={() => (seconds = one.seconds)}>{one.words}</button
      >
    {/each}
  </div>
  <Drawn bind:chart bind:box height="15rem" label="The ladder's levels over the recent price of {instrument}" />
{/if}
