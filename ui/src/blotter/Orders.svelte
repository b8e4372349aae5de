<script lang="ts">
  import AccountName from '../shared/AccountName.svelte';
  import Figure from '../shared/Figure.svelte';
  import Money from '../shared/Money.svelte';
  import Side from '../shared/Side.svelte';
  import Time from '../shared/Time.svelte';
  import { useOrders } from '../state/queries';
  import Ledger from './Ledger.svelte';
  import { orderWords, termsWords } from './words';

  const orders = useOrders();
</script>

<Ledger
  title="Orders"
  note="newest fifty"
  query={orders}
  emptyTitle="No order yet"
  emptyText="An armed route makes orders from the messages of its inlet."
>
  {#snippet head()}<th>Time</th><th>Route</th><th>Account</th><th>Instrument</th><th>Side</th><th class="right">Size</th><th
      >Order</th
    ><th class="right">Average</th><th class="right">Fee</th><th>State</th><th
      class="right"
      title="From the message's arrival to the venue's answer">ms</th
    >{/snippet}
  {#snippet row(order)}
    <td><a class="hover:underline" href="/journal/{order.message}"><Time at={order.created_at} /></a></td>
    <td>{order.route?.name ?? 'deleted'}</td>
    <td><AccountName account={order.account} /></td>
    <td class="font-semibold">{order.instrument}</td>
    <td><Side side={order.side} /></td>
    <td class="right"><Figure value={order.quantity} /></td>
    <td>{termsWords(order)}</td>
    <td class="right"><Figure value={order.average} /></td>
    <td class="right"><Money amount={order.fee} currency={order.currency} digits={4} /></td>
    <td class={order.state === 'refused' || order.state === 'lapsed' ? 'text-error' : ''} title={order.words ?? ''}
      >{orderWords[order.state]}{#if order.words}<span class="block max-w-56 truncate text-xs">{order.words}</span>{/if}</td
    >
    <td class="right"><Figure value={order.milliseconds === null ? null : String(order.milliseconds)} /></td>
  {/snippet}
</Ledger>
