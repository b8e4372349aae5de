<script lang="ts">
  import CopyButton from '../shared/CopyButton.svelte';
  import Problem from '../shared/Problem.svelte';
  import Time from '../shared/Time.svelte';
  import { useMessage } from '../state/queries';
  import Again from './Again.svelte';
  import DecisionTrace from './DecisionTrace.svelte';
  import Differs from './Differs.svelte';
  import Understanding from './Understanding.svelte';
  import { arrivedWords } from './words';

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
        ><Time at={found.received_at} date /> – {found.inlet.name} – {arrivedWords[found.arrived_by]}
        {found.sender}{found.dry ? ' – dry run, nothing is sent' : ''}</span
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
    <Understanding message={found} />
    {#if found.differs}<Differs message={found} differs={found.differs} />{/if}
    {#each found.decisions as decision (decision.id)}
      <DecisionTrace {decision} />
    {/each}
    {#key found.id}<Again message={found} />{/key}
    {#if found.state === 'stored'}<p class="quiet text-sm">On disk, about to be read.</p>{/if}
  {/if}
</section>
