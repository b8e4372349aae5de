<script lang="ts">
  import AccountName from '../shared/AccountName.svelte';
  import Figure from '../shared/Figure.svelte';
  import Money from '../shared/Money.svelte';
  import Side from '../shared/Side.svelte';
  import Time from '../shared/Time.svelte';
  import { usePositions } from '../state/queries';
  import FlattenAll from './FlattenAll.svelte';
  import Ledger from './Ledger.svelte';

  const positions = usePositions();
</script>

<Ledger
  title="Positions"
  query={positions}
  emptyTitle="Everything is flat"
  emptyText="A position shows here from its first fill on, with its profit kept up to the second."
>
  {#snippet tools()}{#if (positions.data?.length ?? 0) > 0}<FlattenAll />{/if}{/snippet}
  {#snippet head()}<th>Account</th><th>Instrument</th><th>Side</th><th class="right">Size</th><th class="right">Average</th><th
      class="right"
      title="Fees of both sides included">Break-even</th
    ><th class="right">Now</th><th class="right">Value</th><th class="right">Open profit</th><th class="right">%</th><th>Since</th
    >{/snippet}
  {#snippet row(position)}
    <td><AccountName account={position.account} /></td>
    <td class="font-semibold"><a class="link" href="/positions/{position.id}">{position.instrument}</a></td>
    <td><Side side={position.side} /></td>
    <td class="right"><Figure value={position.quantity} /></td>
    <td class="right"><Figure value={position.average} /></td>
    <td class="right"><Figure value={position.break_even} /></td>
    <td class="right"><Figure value={position.mark} /></td>
    <td class="right"><Money amount={position.value} currency={position.currency} /></td>
    <td class="right font-semibold"><Money amount={position.profit} currency={position.currency} signed /></td>
    <td class="right"><Figure value={position.profit_percent} /></td>
    <td><Time at={position.opened_at} /></td>
  {/snippet}
</Ledger>
