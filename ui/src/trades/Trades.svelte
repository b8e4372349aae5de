<script lang="ts">
  import Ledger from '../blotter/Ledger.svelte';
  import AccountName from '../shared/AccountName.svelte';
  import Figure from '../shared/Figure.svelte';
  import Money from '../shared/Money.svelte';
  import Page from '../shared/Page.svelte';
  import Side from '../shared/Side.svelte';
  import Time from '../shared/Time.svelte';
  import { useTrades } from '../state/queries';
  import Tallies from './Tallies.svelte';
  import { held } from './held';

  const trades = useTrades();
</script>

<Page title="Trades" lead="Round trips, from the first fill to the last.">
  <Tallies />
  <Ledger
    title="Closed trades"
    query={trades}
    emptyTitle="No trade is over yet"
    emptyText="A trade shows here when the last of its position is closed, with the reason of the exit and what it came to."
  >
    {#snippet head()}<th>Closed</th><th>Account</th><th>Route</th><th>Instrument</th><th>Side</th><th class="right">Size</th><th
        class="right">Entry</th
      ><th class="right">Exit</th><th class="right">Held</th><th>Out by</th><th class="right">Fees</th><th class="right"
        >Profit</th
      ><th class="right" title="Profit ÷ what the first stop would have lost">× risk</th>{/snippet}
    {#snippet row(trade)}
      <td><Time at={trade.closed_at} /></td>
      <td><AccountName account={trade.account} /></td>
      <td
        >{#if trade.route}<a class="link" href="/routes/{trade.route.id}">{trade.route.name}</a>{/if}</td
      >
      <td class="font-semibold">{trade.instrument}</td>
      <td><Side side={trade.side} /></td>
      <td class="right"><Figure value={trade.quantity} /></td>
      <td class="right"><Figure value={trade.entry} /></td>
      <td class="right"><Figure value={trade.exit} /></td>
      <td class="right whitespace-nowrap">{held(trade.opened_at, trade.closed_at)}</td>
      <td>{trade.reason ?? ''}</td>
      <td class="right"><Figure value={trade.fees} /></td>
      <td class="right font-semibold"><Money amount={trade.profit} currency={trade.currency} signed /></td>
      <td class="right"
        >{#if trade.multiple}<Figure value={trade.multiple} />{:else}<span class="quiet">–</span>{/if}</td
      >
    {/snippet}
  </Ledger>
</Page>
