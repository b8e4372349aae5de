<script lang="ts">
  import AccountName from '../shared/AccountName.svelte';
  import Figure from '../shared/Figure.svelte';
  import Money from '../shared/Money.svelte';
  import Side from '../shared/Side.svelte';
  import Time from '../shared/Time.svelte';
  import { useFills } from '../state/queries';
  import Ledger from './Ledger.svelte';

  const fills = useFills();
</script>

<Ledger
  title="Fills"
  note="newest fifty"
  query={fills}
  emptyTitle="No fill yet"
  emptyText="What the venue trades for you is listed here, part by part."
>
  {#snippet head()}<th>Time</th><th>Account</th><th>Instrument</th><th>Side</th><th class="right">Size</th><th class="right"
      >Price</th
    ><th class="right">Fee</th><th>Venue's id</th>{/snippet}
  {#snippet row(fill)}
    <td><Time at={fill.filled_at} /></td>
    <td><AccountName account={fill.account} /></td>
    <td class="font-semibold">{fill.instrument}</td>
    <td><Side side={fill.side} /></td>
    <td class="right"><Figure value={fill.quantity} /></td>
    <td class="right"><Figure value={fill.price} /></td>
    <td class="right"><Money amount={fill.fee} currency={fill.currency} digits={4} /></td>
    <td class="figure quiet">{fill.venue_id}</td>
  {/snippet}
</Ledger>
