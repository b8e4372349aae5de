<script lang="ts">
  import { api, take, type Inlet } from '../api/client';
  import CopyButton from '../shared/CopyButton.svelte';
  import Lamp from '../shared/Lamp.svelte';
  import Problem from '../shared/Problem.svelte';
  import Time from '../shared/Time.svelte';
  import { Attempt } from '../state/attempt.svelte';
  import { keys, queryClient } from '../state/queries';
  import SendTest from './SendTest.svelte';
  import { curlOf, secretsOf } from './secrets';

  type Props = { inlet: Inlet };
  let { inlet }: Props = $props();

  let shown = $state<string | null>(null);
  const attempt = new Attempt();
  let removing = $state(false);

  const at = $derived({ params: { path: { inlet: inlet.id } } });
  const address = async () => (await secretsOf(inlet.id)).address;

  function reveal() {
    void attempt.run(async () => {
      shown = shown === null ? await address() : null;
    });
  }

  function remove() {
    void attempt.run(async () => {
      removing = false;
      await take(api.DELETE('/inlets/{inlet}', at));
      await queryClient.invalidateQueries({ queryKey: keys.inlets });
    });
  }
</script>

<article class="plate flex flex-col gap-2 p-4" data-inlet={inlet.name}>
  <header class="flex flex-wrap items-baseline gap-x-3">
    <h2 class="font-bold"><a class="hover:underline" href="/inlets/{inlet.id}">{inlet.name}</a></h2>
    {#if inlet.paused}<span class="text-sm font-semibold text-warning">paused</span>{/if}
    <span class="quiet text-sm">last heard <Time at={inlet.last_heard_at} /></span>
    <a class="btn ml-auto btn-xs" href="/inlets/{inlet.id}">Open</a>
  </header>
  <div class="flex flex-wrap items-center gap-2">
    <code class="figure min-w-0 flex-1 truncate rounded bg-base-200 px-2 py-1 text-xs"
      >{shown ?? 'The address is secret: whoever has it can send.'}</code
    >
    <button class="btn btn-xs" onclick={reveal}>{shown === null ? 'Show' : 'Hide'}</button>
    <CopyButton text={address} label="Copy address" />
    <CopyButton text={() => curlOf(inlet.id)} label="Copy curl" />
  </div>
  {#if attempt.error}<Problem error={attempt.error} />{/if}
  <div class="flex flex-wrap items-center gap-2 text-sm">
    <span class="quiet">{inlet.reading ? `read by “${inlet.reading.name}”, feeds` : 'feeds'}</span>
    {#each inlet.routes as route (route.id)}
      <a class="inline-flex items-center gap-1 hover:underline" href="/routes/{route.id}"
        >{route.name} <Lamp state={route.state} /></a
      >
    {:else}
      <span>no route yet: <a class="link" href="/routes/new?inlet={inlet.id}">make one</a></span>
    {/each}
    {#if removing}
      <span class="ml-auto flex gap-2"
        ><button class="btn btn-error btn-xs" onclick={remove}>Remove for good</button><button
          class="btn btn-xs"
          onclick={() => (removing = false)}>Keep</button
        ></span
      >
    {:else}<button class="btn ml-auto btn-ghost btn-xs" onclick={() => (removing = true)}>Remove</button>{/if}
  </div>
  <SendTest {inlet} />
</article>
