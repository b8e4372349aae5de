<script lang="ts">
  import AccountName from '../shared/AccountName.svelte';
  import Empty from '../shared/Empty.svelte';
  import Figure from '../shared/Figure.svelte';
  import Money from '../shared/Money.svelte';
  import Problem from '../shared/Problem.svelte';
  import Side from '../shared/Side.svelte';
  import Time from '../shared/Time.svelte';
  import { useFills } from '../state/queries';

  const fills = useFills();
</script>

<section class="plate overflow-x-auto" aria-label="Fills">
  <h2 class="name px-3 pt-2">Fills <span class="quiet font-normal normal-case">newest fifty</span></h2>
  {#if fills.isError}<Problem error={fills.error} again={() => void fills.refetch()} />{/if}
  {#if fills.data?.length === 0}<Empty title="No fill yet">What the venue trades for you is listed here, part by part.</Empty
    >{/if}
  {#if fills.data && fills.data.length > 0}
    <div class="max-h-96 overflow-y-auto">
      <table class="ledger">
        <thead class="sticky top-0 bg-base-100">
          <tr
            ><th>Time</th><th>Account</th><th>Instrument</th><th>Side</th><th class="right">Size</th><th class="right">Price</th
            ><th class="right">Fee</th><th>Venue's id</th></tr
          >
        </thead>
        <tbody>
          {#each fills.data as fill (fill.id)}
            <tr>
              <td><Time at={fill.filled_at} /></td>
              <td><AccountName account={fill.account} /></td>
              <td class="font-semibold">{fill.instrument}</td>
              <td><Side side={fill.side} /></td>
              <td class="right"><Figure value={fill.quantity} /></td>
              <td class="right"><Figure value={fill.price} /></td>
              <td class="right"><Money amount={fill.fee} currency={fill.currency} digits={4} /></td>
              <td class="figure quiet">{fill.venue_id}</td>
            </tr>
          {/each}
        </tbody>
      </table>
    </div>
  {/if}
</section>
