<script lang="ts">
  import type { Previewed } from './api';
  import { bench } from './bench.svelte';
  import { moment, plain, signed } from './format';

  type Props = { preview: Previewed };
  let { preview }: Props = $props();

  const rows = $derived<[string, string][]>([
    ['Trades', `${preview.summary.count}, ${preview.summary.won} won`],
    ['Won of all', preview.summary.win_share === null ? '–' : `${preview.summary.win_share} %`],
    ['Made', `${signed(preview.summary.profit)} ${bench.chart?.currency ?? ''}`],
    ['Average win', preview.summary.average_win === null ? '–' : signed(preview.summary.average_win)],
    ['Average loss', preview.summary.average_loss === null ? '–' : signed(preview.summary.average_loss)],
    ['Won ÷ lost', preview.summary.profit_factor ?? '–'],
    ['Largest fall', preview.summary.largest_fall],
  ]);

  /** The money over time, as the points of a line in a box of 100 by 30. */
  const curve = $derived.by(() => {
    const values = preview.money.value;
    const [low, high] = [Math.min(0, ...values), Math.max(0, ...values)];
    const y = (value: number) => 29 - (28 * (value - low)) / (high - low || 1);
    return {
      zero: y(0),
      points: values
        .map((value, i) => `${((100 * i) / Math.max(1, values.length - 1)).toFixed(2)},${y(value).toFixed(2)}`)
        .join(' '),
    };
  });
</script>

<section aria-label="Preview" class="flex flex-col gap-2">
  <dl class="grid grid-cols-[auto_1fr] gap-x-3">
    {#each rows as [name, value] (name)}<dt class="quiet">{name}</dt>
      <dd class="figure text-right">{value}</dd>{/each}
  </dl>
  <svg viewBox="0 0 100 30" preserveAspectRatio="none" class="sheet h-20 w-full" role="img" aria-label="Money over time"
    ><line x1="0" x2="100" y1={curve.zero} y2={curve.zero} stroke="#aeb8c6" stroke-width="0.3" /><polyline
      points={curve.points}
      fill="none"
      stroke="#2b3f8c"
      stroke-width="1.2"
      vector-effect="non-scaling-stroke"
    /></svg
  >
  {#if preview.trades.length > 0}
    <details>
      <summary class="cursor-pointer">Each trade</summary>
      <table class="figure w-full">
        <thead class="quiet text-left"
          ><tr
            ><th>In</th><th>Side</th><th class="text-right">At</th><th class="text-right">Out at</th><th class="text-right"
              >Made</th
            ></tr
          ></thead
        >
        <tbody>
          {#each preview.trades as trade (`${trade.opened_at}-${trade.closed_at}`)}
            <tr class="border-t border-base-300"
              ><td>{moment(trade.opened_at, false).slice(5)}</td><td>{trade.side} {plain(trade.size)}</td><td class="text-right"
                >{trade.price}</td
              ><td class="text-right">{trade.closed_price}</td><td class="text-right">{signed(trade.profit)}</td></tr
            >
          {/each}
        </tbody>
      </table>
    </details>
  {/if}
</section>
