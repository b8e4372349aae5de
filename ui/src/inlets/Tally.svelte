<script lang="ts">
  import type { Inlet, Message } from '../api/client';
  import { stateWords } from '../journal/words';
  import Time from '../shared/Time.svelte';
  import { useTally } from '../state/queries';

  type Props = { inlet: Inlet };
  let { inlet }: Props = $props();

  const tally = useTally(() => inlet.id);
  const reasons: Record<string, string> = {
    sender: 'sender not on the list',
    signature: 'signature missing or wrong',
    phrase: 'shared phrase missing',
    rate: 'too many in a minute',
    size: 'too large',
    empty: 'mail without text',
  };
  const states = $derived(Object.entries(tally.data?.states ?? {}).sort(([, left], [, right]) => right - left));
</script>

{#if tally.data}
  {#if states.length === 0 && tally.data.refused.length === 0}
    <p class="quiet py-2 text-sm">Nothing in {tally.data.days} days. Send a test message, or paste the address into an alert.</p>
  {:else}
    <dl class="flex flex-wrap gap-x-5 gap-y-1 py-1 text-sm">
      {#each states as [state, count] (state)}
        <div class="flex items-baseline gap-1.5">
          <dd class="figure font-semibold">{count}</dd>
          <dt class="quiet">{stateWords[state as Message['state']] ?? state}</dt>
        </div>
      {/each}
      <div class="quiet ml-auto text-xs">{tally.data.days} days</div>
    </dl>
    {#each tally.data.refused as refused (refused.reason)}
      <p class="border-l-4 border-error pl-2 text-sm">
        <b class="figure">{refused.refusals}</b> not let in: {reasons[refused.reason] ?? refused.reason}
        <span class="quiet">– last <Time at={refused.last_at} /> from {refused.last_sender}</span>
      </p>
    {/each}
  {/if}
{/if}
