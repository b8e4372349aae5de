<script lang="ts">
  import AccountName from '../shared/AccountName.svelte';
  import Figure from '../shared/Figure.svelte';
  import Money from '../shared/Money.svelte';
  import Side from '../shared/Side.svelte';
  import { usePositions } from '../state/queries';

  const positions = usePositions();
</script>

<section class="plate overflow-x-auto" aria-label="Open now">
  <h2 class="name px-3 pt-2">Open now</h2>
  {#if positions.data && positions.data.length > 0}
    <table class="ledger">
      <tbody>
        {#each positions.data as position (position.id)}
          <tr>
            <td><Side side={position.side} /></td>
            <td
              ><Figure value={position.quantity} />
              {position.instrument}<br /><span class="quiet text-xs"><AccountName account={position.account} /></span></td
            >
            <td class="right"><Money amount={position.profit} currency={position.currency} signed /></td>
          </tr>
        {/each}
      </tbody>
    </table>
  {:else}
    <p class="quiet px-3 pt-1 pb-3 text-sm">Everything is flat.</p>
  {/if}
</section>
