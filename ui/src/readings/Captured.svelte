<script lang="ts">
  import { api, take, type MessageRow } from '../api/client';
  import { stateWords } from '../journal/words';
  import Time from '../shared/Time.svelte';
  import { useInletMessages } from '../state/queries';
  import type { SampleDraft } from './draft.svelte';

  type Props = { inlet: number; ontake: (sample: SampleDraft) => void };
  let { inlet, ontake }: Props = $props();

  const MOST = 12;
  const messages = useInletMessages(() => inlet);
  let open = $state(false);
  const captured = $derived(
    (messages.data ?? []).filter((message) => message.state !== 'split' && message.arrived_by !== 'hand').slice(0, MOST),
  );

  async function choose(message: MessageRow) {
    const whole = (await take(api.GET('/messages/{message}', { params: { path: { message: message.id } } }))).data;
    ontake({ body: whole.body, content_type: whole.content_type });
    open = false;
  }
</script>

<button type="button" class="btn btn-xs" aria-expanded={open} onclick={() => (open = !open)}>Take a captured one</button>
{#if open}
  <ul class="w-full divide-y divide-base-300/60 rounded border border-base-300 text-xs">
    {#each captured as message (message.id)}
      <li>
        <button
          type="button"
          class="grid w-full grid-cols-[4.5rem_minmax(0,1fr)_auto] gap-x-2 px-2 py-1 text-left hover:bg-base-200"
          onclick={() => void choose(message)}
        >
          <Time at={message.received_at} /><span class="figure truncate">{message.body}</span><span class="quiet"
            >{stateWords[message.state]}</span
          >
        </button>
      </li>
    {:else}<li class="quiet px-2 py-1">Nothing has arrived here yet.</li>{/each}
  </ul>
{/if}
