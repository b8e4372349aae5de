<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api, take } from '../api/client';
  import Siding from '../inlets/Siding.svelte';
  import { navigate, route as place } from '../router';
  import Page from '../shared/Page.svelte';
  import Problem from '../shared/Problem.svelte';
  import { Attempt } from '../state/attempt.svelte';
  import { keys, queryClient, useInlets, useMessage } from '../state/queries';
  import ReadingEditor from './ReadingEditor.svelte';

  const id = $derived((place.params as { id?: string }).id ?? 'new');
  const asked = (name: string) => (place.search[name] === undefined ? null : String(place.search[name]));
  const reading = createQuery(() => ({
    queryKey: [...keys.readings, 'one', id],
    enabled: id !== 'new',
    refetchOnWindowFocus: false,
    queryFn: async () => (await take(api.GET('/readings/{reading}', { params: { path: { reading: Number(id) } } }))).data,
  }));
  const inlets = useInlets();
  const message = useMessage(() => asked('message'));
  const attempt = new Attempt();
  let asking = $state(false);

  const inlet = $derived(inlets.data?.find((one) => one.id === Number(asked('inlet'))) ?? null);
  const first = $derived(message.data ? { body: message.data.body, content_type: message.data.content_type } : null);
  const ready = $derived(
    inlets.data !== undefined &&
      (id === 'new' || reading.data !== undefined) &&
      (asked('message') === null || message.data !== undefined),
  );

  const remove = () =>
    attempt.run(async () => {
      asking = false;
      await take(api.DELETE('/readings/{reading}', { params: { path: { reading: Number(id) } } }));
      await queryClient.invalidateQueries({ queryKey: keys.readings });
      await navigate('/readings');
    });
</script>

<Page
  title={id === 'new' ? 'New reading' : (reading.data?.name ?? 'Reading')}
  lead="How a message of another shape becomes a signal."
>
  {#snippet actions()}
    {#if reading.data}
      {#if asking}<button class="btn btn-error btn-sm" onclick={() => void remove()}>Remove for good</button><button
          class="btn btn-sm"
          onclick={() => (asking = false)}>Keep</button
        >{:else}<button class="btn btn-ghost btn-sm" onclick={() => (asking = true)}>Remove</button>{/if}
    {/if}
    {#if inlet}<a class="btn btn-sm" href="/inlets/{inlet.id}">To {inlet.name}</a>{/if}
    <a class="btn btn-sm" href="/readings">All readings</a>
  {/snippet}
  <Siding />
  {#if reading.isError}<Problem error={reading.error} again={() => void reading.refetch()} />{/if}
  {#if attempt.error}<Problem error={attempt.error} />{/if}
  {#if ready}
    {#key id}<ReadingEditor reading={id === 'new' ? null : (reading.data ?? null)} {first} {inlet} />{/key}
  {/if}
</Page>
