<script lang="ts">
  import { ask, type Alert, type Fired } from './api';
  import { moment } from './format';

  /** What an alert sent, with what was answered. */
  type Props = { alert: Alert };
  let { alert }: Props = $props();

  let firings = $state<Fired[] | null>(null);
  $effect(() => {
    void alert.fired;
    void ask<{ firings: Fired[] }>('GET', `alerts/${alert.id}/firings`).then((answer) => (firings = answer.firings));
  });
</script>

{#if firings === null}
  <p class="quiet">…</p>
{:else if firings.length === 0}
  <p class="quiet">It has not fired yet. {alert.state === 'active' ? `It fires ${alert.condition_words}.` : ''}</p>
{:else}
  <ul class="flex max-h-64 flex-col gap-1 overflow-auto">
    {#each firings as firing (firing.id)}
      <li class="border-t border-base-300 pt-1">
        <div class="flex flex-wrap items-baseline gap-x-2">
          <span class="figure">{moment(firing.at)}</span>
          <span class="figure">at {firing.price}</span>
          <span class="ml-auto {firing.state === 'failed' ? 'text-error' : ''}"
            >{firing.state}{firing.status ? ` (${firing.status})` : ''}{firing.took_ms === null
              ? ''
              : `, ${firing.took_ms} ms`}{firing.tries > 1 ? `, try ${firing.tries}` : ''}</span
          >
          {#if firing.state === 'failed'}<button
              type="button"
              class="btn btn-xs"
              onclick={() => void ask('POST', `firings/${firing.id}/again`, {})}>Send again</button
            >{/if}
        </div>
        <pre class="figure whitespace-pre-wrap break-all">{firing.body}</pre>
        {#if firing.answer && firing.state !== 'delivered'}<p class="text-error break-all">{firing.answer}</p>{/if}
      </li>
    {/each}
  </ul>
{/if}
