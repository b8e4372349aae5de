<script lang="ts">
  import type { Message } from '../api/client';
  import MapSymbol from './MapSymbol.svelte';
  import { shapeWords, signalWords, stateWords } from './words';

  type Props = { message: Message };
  let { message }: Props = $props();

  const mild = $derived(message.state === 'split' || message.state === 'confirmation');
</script>

<div class="flex flex-col gap-1 text-sm">
  {#if message.signal}
    <p>
      <span class="quiet">Understood as</span> <b>{signalWords(message.signal)}</b>{#if message.format}<span class="quiet"
          >, from {shapeWords(message.format)}</span
        >{/if}{#if message.slip}<span class="quiet"
          >; alert slip <a class="link" href="/routes/{message.slip.route_id}/slips">{message.slip.kind}</a></span
        >{/if}
    </p>
  {:else if message.format}<p class="quiet">It looks like {shapeWords(message.format)}.</p>{/if}
  {#each message.notes as note (note)}<p class="text-warning">{note}</p>{/each}
  {#if message.blanked > 0}
    <p class="rounded border-l-4 border-error bg-base-200 px-3 py-2">
      <b>It held what looks like a venue's key or secret.</b> That part was blanked out before the message was stored. Take it out of
      the alert; messages never need one. If it was a real one, make a new key at the venue.
    </p>
  {/if}
  {#if message.outcome}
    <p class="rounded border-l-4 bg-base-200 px-3 py-2 {mild ? 'border-warning' : 'border-error'}">
      <b>{stateWords[message.state]}:</b>
      {message.outcome}
    </p>
  {/if}
  {#each message.links as link (link)}
    <p><a class="link break-all" href={link} target="_blank" rel="noreferrer noopener">{link}</a></p>
  {/each}
  {#if message.parent || message.parts.length > 0 || message.rerun_of}
    <p class="flex flex-wrap gap-x-3">
      {#if message.parent}<a class="link" href="/journal/{message.parent}">the whole body</a>{/if}
      {#each message.parts as part, i (part)}<a class="link" href="/journal/{part}">message {i + 1}</a>{/each}
      {#if message.rerun_of}<a class="link" href="/journal/{message.rerun_of}">the message that was run again</a>{/if}
    </p>
  {/if}
  {#if message.suggestions.length > 0}<MapSymbol {message} />{/if}
  {#if message.state === 'unreadable'}
    <p><a class="btn btn-xs" href="/readings/new?inlet={message.inlet.id}&message={message.id}">Teach Wexon this shape</a></p>
  {/if}
</div>
