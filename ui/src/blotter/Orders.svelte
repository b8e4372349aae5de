<script lang="ts">
  import AccountName from '../shared/AccountName.svelte';
  import Empty from '../shared/Empty.svelte';
  import Figure from '../shared/Figure.svelte';
  import Money from '../shared/Money.svelte';
  import Problem from '../shared/Problem.svelte';
  import Side from '../shared/Side.svelte';
  import Time from '../shared/Time.svelte';
  import { useOrders } from '../state/queries';
  import { orderWords } from './words';

  const orders = useOrders();
</script>

<section class="plate overflow-x-auto" aria-label="Orders">
  <h2 class="name px-3 pt-2">Orders <span class="quiet font-normal normal-case">newest fifty</span></h2>
  {#if orders.isError}<Problem error={orders.error} again={() => void orders.refetch()} />{/if}
  {#if orders.data?.length === 0}<Empty title="No order yet">An armed route makes orders from the messages of its inlet.</Empty
    >{/if}
  {#if orders.data && orders.data.length > 0}
    <div class="max-h-96 overflow-y-auto">
      <table class="ledger">
        <thead class="sticky top-0 bg-base-100">
          <tr
            ><th>Time</th><th>Route</th><th>Account</th><th>Instrument</th><th>Side</th><th class="right">Size</th><th
              class="right">Average</th
            ><th class="right">Fee</th><th>State</th><th class="right" title="From the message's arrival to the venue's answer"
              >ms</th
            ></tr
          >
        </thead>
        <tbody>
          {#each orders.data as order (order.id)}
            <tr>
              <td><a class="hover:underline" href="/journal/{order.message}"><Time at={order.created_at} /></a></td>
              <td>{order.route?.name ?? 'deleted'}</td>
              <td><AccountName account={order.account} /></td>
              <td class="font-semibold">{order.instrument}</td>
              <td><Side side={order.side} /></td>
              <td class="right"><Figure value={order.quantity} /></td>
              <td class="right"><Figure value={order.average} /></td>
              <td class="right"><Money amount={order.fee} currency={order.currency} digits={4} /></td>
              <td class={order.state === 'refused' || order.state === 'lapsed' ? 'text-error' : ''} title={order.words ?? ''}
                >{orderWords[order.state]}</td
              >
              <td class="right"><Figure value={order.milliseconds === null ? null : String(order.milliseconds)} /></td>
            </tr>
          {/each}
        </tbody>
      </table>
    </div>
  {/if}
</section>
