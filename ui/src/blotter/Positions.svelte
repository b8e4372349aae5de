<script lang="ts">
  import AccountName from '../shared/AccountName.svelte';
  import Empty from '../shared/Empty.svelte';
  import Figure from '../shared/Figure.svelte';
  import Money from '../shared/Money.svelte';
  import Problem from '../shared/Problem.svelte';
  import Side from '../shared/Side.svelte';
  import Time from '../shared/Time.svelte';
  import { usePositions } from '../state/queries';

  const positions = usePositions();
</script>

<section class="plate overflow-x-auto" aria-label="Positions">
  <h2 class="name px-3 pt-2">Positions</h2>
  {#if positions.isError}<Problem error={positions.error} again={() => void positions.refetch()} />{/if}
  {#if positions.data?.length === 0}<Empty title="Everything is flat"
      >A position shows here from its first fill on, with its profit kept up to the second.</Empty
    >{/if}
  {#if positions.data && positions.data.length > 0}
    <table class="ledger">
      <thead>
        <tr
          ><th>Account</th><th>Instrument</th><th>Side</th><th class="right">Size</th><th class="right">Average</th><th
            class="right"
            title="Fees of both sides included">Break-even</th
          ><th class="right">Now</th><th class="right">Value</th><th class="right">Open profit</th><th class="right">%</th><th
            >Since</th
          ></tr
        >
      </thead>
      <tbody>
        {#each positions.data as position (position.id)}
          <tr data-instrument={position.instrument}>
            <td><AccountName account={position.account} /></td>
            <td class="font-semibold">{position.instrument}</td>
            <td><Side side={position.side} /></td>
            <td class="right"><Figure value={position.quantity} /></td>
            <td class="right"><Figure value={position.average} /></td>
            <td class="right"><Figure value={position.break_even} /></td>
            <td class="right"><Figure value={position.mark} /></td>
            <td class="right"><Money amount={position.value} currency={position.currency} /></td>
            <td class="right font-semibold"><Money amount={position.profit} currency={position.currency} signed /></td>
            <td class="right"><Figure value={position.profit_percent} /></td>
            <td><Time at={position.opened_at} /></td>
          </tr>
        {/each}
      </tbody>
    </table>
  {/if}
</section>
