<script lang="ts">
  import type { MessageRow } from '../api/client';
  import Time from '../shared/Time.svelte';
  import VerdictMark from '../shared/VerdictMark.svelte';
  import { signalWords, stateWords } from './words';

  type Props = { message: MessageRow; chosen: boolean };
  let { message, chosen }: Props = $props();
</script>

<li>
  <a
    href="/journal/{message.id}"
    aria-current={chosen ? 'true' : undefined}
    class="grid grid-cols-[5rem_minmax(0,1fr)_auto] items-baseline gap-x-3 border-l-4 px-3 py-1.5 text-sm hover:bg-base-200 {chosen
      ? 'border-primary bg-base-200'
      : 'border-transparent'}"
  >
    <Time at={message.received_at} />
    <span class="truncate font-semibold">
      {message.signal ? signalWords(message.signal) : message.body.slice(0, 90)}
      {#if message.part !== null}<span class="badge badge-outline badge-xs">part {message.part}</span>{/if}
      {#if message.rerun}<span class="badge badge-outline badge-xs">again</span>{/if}
      {#if message.arrived_by === 'mail'}<span class="badge badge-outline badge-xs">mail</span>{/if}
      {#if message.dry}<span class="badge badge-outline badge-xs">dry run</span>{/if}
    </span>
    <span class="flex justify-end gap-2">
      {#each message.decisions as decision (decision.id)}<VerdictMark verdict={decision.verdict} dry={decision.dry} />{:else}<span
          class="text-xs font-semibold {message.state === 'split' || message.state === 'stored' ? 'quiet' : 'text-error'}"
          >{stateWords[message.state]}</span
        >{/each}
    </span>
    <span></span>
    <span class="quiet col-span-2 truncate text-xs"
      >{message.inlet.name} – {message.outcome ?? message.decisions[0]?.summary ?? 'being read'}</span
    >
  </a>
</li>
