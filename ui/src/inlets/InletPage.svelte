<script lang="ts">
  import { api, take } from '../api/client';
  import { route as place } from '../router';
  import Page from '../shared/Page.svelte';
  import Problem from '../shared/Problem.svelte';
  import Time from '../shared/Time.svelte';
  import { Attempt } from '../state/attempt.svelte';
  import { keys, queryClient, useInlet } from '../state/queries';
  import Addresses from './Addresses.svelte';
  import HowRead from './HowRead.svelte';
  import LastMessages from './LastMessages.svelte';
  import Safety from './Safety.svelte';
  import SendTest from './SendTest.svelte';
  import Siding from './Siding.svelte';
  import Tally from './Tally.svelte';

  const id = $derived(Number((place.params as { id?: string }).id ?? 0));
  const inlet = useInlet(() => id);
  const attempt = new Attempt();

  const pause = (paused: boolean) =>
    attempt.run(async () => {
      await take(api.PUT('/inlets/{inlet}', { params: { path: { inlet: id } }, body: { paused } }));
      await queryClient.invalidateQueries({ queryKey: keys.inlets });
    });
</script>

<Page title={inlet.data?.name ?? 'Inlet'} lead="Who may send here, and how it is understood.">
  {#snippet actions()}
    {#if inlet.data}
      <button
        class="btn btn-sm {inlet.data.paused ? 'btn-success' : ''}"
        disabled={attempt.busy}
        onclick={() => void pause(!inlet.data.paused)}>{inlet.data.paused ? 'Take messages again' : 'Pause the inlet'}</button
      >
    {/if}
  {/snippet}
  <Siding />
  {#if inlet.isError}<Problem error={inlet.error} again={() => void inlet.refetch()} />{/if}
  {#if attempt.error}<Problem error={attempt.error} />{/if}
  {#if inlet.data}
    {#if inlet.data.paused}<p class="rounded border-l-4 border-warning bg-base-100 px-3 py-2 text-sm" role="status">
        Paused: what arrives is kept in the Journal, and nothing is done with it.
      </p>{/if}
    {#key inlet.data.id}
      <div class="grid grid-cols-1 items-start gap-3 xl:grid-cols-2">
        <div class="flex flex-col gap-3">
          <Addresses inlet={inlet.data} />
          <HowRead inlet={inlet.data} />
          <Safety inlet={inlet.data} />
        </div>
        <div class="flex flex-col gap-3">
          <section class="plate p-4" aria-label="Try it">
            <SendTest inlet={inlet.data} opened />
          </section>
          <section class="plate p-4" aria-label="What became of its messages">
            <h2 class="name quiet mb-1">
              What became of its messages <span class="font-normal normal-case"
                >– last heard <Time at={inlet.data.last_heard_at} /></span
              >
            </h2>
            <Tally inlet={inlet.data} />
            <LastMessages inlet={inlet.data} />
          </section>
        </div>
      </div>
    {/key}
  {/if}
</Page>
