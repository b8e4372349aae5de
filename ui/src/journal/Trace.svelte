<script lang="ts">
  import CopyButton from '../shared/CopyButton.svelte';
  import Problem from '../shared/Problem.svelte';
  import Time from '../shared/Time.svelte';
  import { useMessage } from '../state/queries';
  import DecisionTrace from './DecisionTrace.svelte';
  import { stateWords } from './words';

  type Props = { id: string };
  let { id }: Props = $props();

  const message = useMessage(() => id);
  const found = $derived(message.data);
</script>

<section class="plate flex flex-col gap-3 p-4" aria-label="Trace">
  {#if message.isError}<Problem error={message.error} again={() => void message.refetch()} />{/if}
  {#if found}
    <header class="flex flex-wrap items-baseline gap-x-3">
      <h2 class="text-lg font-bold">Message</h2>
      <span class="quiet text-sm"
        ><Time at={found.received_at} date /> – {found.inlet.name} – from {found.sender}{found.dry
          ? ' – dry run, nothing is sent'
          : ''}</span
      >
      <a class="btn ml-auto btn-xs" href="/journal">Close</a>
    </header>
    <div class="relative">
      <pre class="figure max-h-48 overflow-auto rounded bg-base-200 p-2 text-xs whitespace-pre-wrap">{found.body}</pre>
      <div class="absolute top-1 right-1"><CopyButton text={() => found.body} /></div>
    </div>
    <details class="text-xs">
      <summary class="quiet cursor-pointer">Headers and id</summary>
      <dl class="figure grid grid-cols-[auto_1fr] gap-x-3 pt-1 whitespace-normal">
        <dt class="quiet">id</dt>
        <dd>{found.id}</dd>
        {#each Object.entries(found.headers) as [name, value] (name)}
          <dt class="quiet">{name}</dt>
          <dd class="break-all">{value}</dd>
        {/each}
      </dl>
    </details>
    {#if found.outcome}
      <p class="rounded border-l-4 border-error bg-base-200 px-3 py-2 text-sm">
        <b>{stateWords[found.state]}:</b>
        {found.outcome}
      </p>
    {/if}
    {#each found.decisions as decision (decision.id)}
      <DecisionTrace {decision} />
    {/each}
    {#if found.state === 'stored'}<p class="quiet text-sm">On disk, about to be read.</p>{/if}
  {/if}
</section>
