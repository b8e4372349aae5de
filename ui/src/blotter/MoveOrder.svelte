<script lang="ts">
  import { api, take, type Order } from '../api/client';
  import { Attempt } from '../state/attempt.svelte';

  type Props = { order: Order; done: () => void };
  let { order, done }: Props = $props();

  let typed = $state<string | null>(null);
  const price = $derived(typed ?? order.limit ?? order.trigger ?? '');
  const attempt = new Attempt();

  function move(event: SubmitEvent) {
    event.preventDefault();
    void attempt.run(async () => {
      await take(api.POST('/orders/{order}/move', { params: { path: { order: order.id } }, body: { price } }));
      done();
    });
  }
</script>

<form class="flex items-center gap-1" onsubmit={move}>
  <input
    class="input input-xs figure w-24"
    aria-label="New price"
    inputmode="decimal"
    bind:value={() => price, (text: string) => (typed = text)}
    required
  />
  <button class="btn btn-xs btn-primary" disabled={attempt.busy}>Move</button>
  <button type="button" class="btn btn-xs" onclick={done}>Leave</button>
</form>
{#if attempt.error}<p class="max-w-64 text-sm whitespace-normal text-error" role="alert">{attempt.error.message}</p>{/if}
