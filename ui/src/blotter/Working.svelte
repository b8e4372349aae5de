<script lang="ts">
  import { api, take, type Order } from '../api/client';
  import AccountName from '../shared/AccountName.svelte';
  import Figure from '../shared/Figure.svelte';
  import Problem from '../shared/Problem.svelte';
  import Side from '../shared/Side.svelte';
  import Time from '../shared/Time.svelte';
  import { Attempt } from '../state/attempt.svelte';
  import { keys, queryClient, useWorking } from '../state/queries';
  import Ledger from './Ledger.svelte';
  import MoveOrder from './MoveOrder.svelte';
  import { roleWords, typeWords } from './words';

  const orders = useWorking();
  const attempt = new Attempt();
  let moving = $state<number | null>(null);
  let asking = $state(false);
  let said = $state('');

  const renew = () => queryClient.invalidateQueries({ queryKey: keys.orders });

  const cancel = (order: Order) =>
    attempt.run(async () => {
      await take(api.POST('/orders/{order}/cancel', { params: { path: { order: order.id } } }));
      await renew();
    });

  const cancelAll = () =>
    attempt.run(async () => {
      asking = false;
      const { cancelled, troubles } = await take(api.POST('/orders/cancel', { body: {} }));
      said = [`${cancelled} taken back.`, ...troubles].join(' ');
      await renew();
    });
</script>

<Ledger
  title="Working orders"
  query={orders}
  emptyTitle="Nothing is waiting"
  emptyText="Limit and stop orders show here until they are filled or taken back, and slices until their time has come."
>
  {#snippet tools()}
    {#if (orders.data?.length ?? 0) > 0}
      {#if asking}
        <span class="text-sm">Take all {orders.data?.length} back?</span>
        <button class="btn btn-xs btn-error" onclick={cancelAll} disabled={attempt.busy}>Take all back</button>
        <button class="btn btn-xs" onclick={() => (asking = false)}>Keep them</button>
      {:else}
        <button class="btn btn-xs" onclick={() => (asking = true)} disabled={attempt.busy}>Cancel all</button>
      {/if}
    {/if}
    <span class="quiet text-sm" role="status">{said}</span>
    {#if attempt.error}<Problem error={attempt.error} />{/if}
  {/snippet}
  {#snippet head()}<th>Since</th><th>Route</th><th>Account</th><th>Instrument</th><th>Side</th><th>For</th><th>Order</th><th
      class="right">Trigger</th
    ><th class="right">Limit</th><th class="right">Size</th><th class="right">Filled</th><th>Label</th><th
      ><span class="sr-only">By hand</span></th
    >{/snippet}
  {#snippet row(order)}
    <td><a class="hover:underline" href="/journal/{order.message}"><Time at={order.created_at} /></a></td>
    <td>{order.route?.name ?? 'deleted'}</td>
    <td><AccountName account={order.account} /></td>
    <td class="font-semibold">{order.instrument}</td>
    <td><Side side={order.side} /></td>
    <td>{roleWords[order.role]}{order.reduce_only && order.role !== 'exit' ? ', reduces' : ''}</td>
    <td
      >{typeWords[order.type]}{order.post_only ? ', post only' : ''}{#if order.watched && order.state === 'scheduled'}, watched
        here{:else if order.state === 'scheduled'}, at <Time at={order.due_at} />{/if}</td
    >
    <td class="right"><Figure value={order.trigger} /></td>
    <td class="right"><Figure value={order.limit} /></td>
    <td class="right"><Figure value={order.quantity} /></td>
    <td class="right"><Figure value={order.filled} /></td>
    <td>{order.label ?? ''}</td>
    <td class="whitespace-nowrap">
      {#if order.role === 'stop' || order.role === 'target'}
        <span class="quiet text-xs">with its position</span>
      {:else if moving === order.id}
        <MoveOrder {order} done={() => ((moving = null), void renew())} />
      {:else}
        {#if order.state === 'working'}<button
            class="btn btn-xs"
            aria-label="Move {order.label ?? order.client_id}"
            onclick={() => (moving = order.id)}>Move</button
          >{/if}
        <button
          class="btn btn-xs"
          aria-label="Cancel {order.label ?? order.client_id}"
          disabled={attempt.busy}
          onclick={() => cancel(order)}>Cancel</button
        >
      {/if}
    </td>
  {/snippet}
</Ledger>
