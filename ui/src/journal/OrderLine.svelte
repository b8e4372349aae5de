<script lang="ts">
  import type { Order } from '../api/client';
  import Figure from '../shared/Figure.svelte';
  import Money from '../shared/Money.svelte';
  import Side from '../shared/Side.svelte';
  import Time from '../shared/Time.svelte';
  import { orderWords, termsWords } from '../blotter/words';

  type Props = { order: Order };
  let { order }: Props = $props();

  const bad = $derived(order.state === 'refused' || order.state === 'lapsed');
</script>

<div class="mt-2 rounded bg-base-200 px-3 py-2 text-sm">
  <p class="flex flex-wrap items-baseline gap-x-3">
    <Side side={order.side} /><span><Figure value={order.quantity} /> {order.instrument}</span>{#if order.type !== 'market'}<span
        >{termsWords(order)}</span
      >{/if}
    <b class={bad ? 'text-error' : ''}>{orderWords[order.state]}</b>
    {#if order.average}<span>at <Figure value={order.average} /></span><span class="quiet"
        >fee <Money amount={order.fee} currency={order.currency} digits={4} /></span
      >{/if}
    {#if order.acknowledged_at}<span class="quiet"
        ><Time at={order.acknowledged_at} />, {order.milliseconds} ms after the message</span
      >{/if}
  </p>
  {#if order.words}<p class={bad ? 'text-error' : 'quiet'}>{order.words}</p>{/if}
  <p class="figure quiet text-xs">
    {order.client_id}{order.venue_id ? ` – ${order.venue_id}` : ''}{order.reduce_only ? ' – reduce only' : ''}{order.label
      ? ` – ${order.label}`
      : ''}
  </p>
</div>
