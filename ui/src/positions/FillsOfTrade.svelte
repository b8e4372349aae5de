<script lang="ts">
  import type { PositionDetails } from '../api/client';
  import Figure from '../shared/Figure.svelte';
  import Side from '../shared/Side.svelte';
  import Time from '../shared/Time.svelte';

  type Props = { details: PositionDetails; currency: string };
  let { details, currency }: Props = $props();
</script>

{#if details.fills.length > 0}
  <section class="plate overflow-x-auto p-3">
    <h2 class="mb-1 text-sm font-bold">Fills of this trade</h2>
    <table class="ledger">
      <thead
        ><tr
          ><th>Time</th><th>Side</th><th class="right">Size</th><th class="right">Price</th><th class="right">Fee</th><th
            >What for</th
          ></tr
        ></thead
      >
      <tbody>
        {#each details.fills as fill, i (i)}
          <tr>
            <td><Time at={fill.at} /></td>
            <td><Side side={fill.side} /></td>
            <td class="right"><Figure value={fill.quantity} /></td>
            <td class="right"><Figure value={fill.price} /></td>
            <td class="right"><Figure value={fill.fee} /> <span class="quiet text-xs">{currency}</span></td>
            <td>{fill.role}{fill.reason && fill.reason !== fill.role ? `: ${fill.reason}` : ''}</td>
          </tr>
        {/each}
      </tbody>
    </table>
  </section>
{/if}
