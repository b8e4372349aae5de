<script lang="ts">
  import { Printer } from '@lucide/svelte';
  import { route as place } from '../router';
  import Empty from '../shared/Empty.svelte';
  import Page from '../shared/Page.svelte';
  import Problem from '../shared/Problem.svelte';
  import { useProfiles, useRoute, useSlips } from '../state/queries';
  import Settings from './Settings.svelte';
  import SlipCard from './SlipCard.svelte';

  const id = $derived(Number((place.params as { id?: string }).id ?? 0));
  const route = useRoute(() => id);
  const slips = useSlips(() => id);
  const profiles = useProfiles();
  /** The bench fills in its own placeholders, and nobody else's. */
  const isBenchs = $derived(
    profiles.data?.data.find((profile) => profile.id === slips.data?.settings?.profile_id)?.spec.variables['close'] ===
      '${close}',
  );
  const heard = $derived((slips.data?.slips ?? []).filter((slip) => slip.heard > 0).length);
</script>

<Page
  title="Alert slips{route.data ? ` of ${route.data.name}` : ''}"
  lead="Exactly the alerts to make on your charting platform for this route."
>
  {#snippet actions()}
    <button class="btn btn-sm print:hidden" onclick={() => window.print()}><Printer class="size-4" />Print</button>
    <a class="btn btn-sm print:hidden" href="/routes/{id}">To the route</a>
  {/snippet}
  {#if slips.isError}<Problem error={slips.error} again={() => void slips.refetch()} />{/if}
  {#if slips.data && route.data && profiles.data}
    <Settings route={route.data} settings={slips.data.settings} profiles={profiles.data.data} />
    {#if slips.data.trouble}<p class="rounded border-l-4 border-error bg-base-100 px-3 py-2 text-sm" role="alert">
        {slips.data.trouble}
      </p>{/if}
    {#if slips.data.settings === null}
      <div class="plate">
        <Empty title="No slips yet"
          >Say above how your chart works; then each alert to make stands here, ready to be copied.</Empty
        >
      </div>
    {:else if slips.data.slips.length > 0}
      <p class="text-sm">
        <b class="figure">{heard} of {slips.data.slips.length}</b>
        {heard === slips.data.slips.length
          ? 'have been heard: every alert works.'
          : 'have been heard. Wexon waits for the first real message of each and ticks it off here.'}
      </p>
    {/if}
    <div class="grid grid-cols-1 items-start gap-3 xl:grid-cols-2 print:grid-cols-1">
      {#each slips.data.slips as slip (slip.id)}
        <SlipCard
          {slip}
          inlet={route.data.inlet}
          byAddress={slips.data.settings?.way === 'address'}
          usualExpiry={slips.data.usual_expiry}
          benchUrl={isBenchs ? slips.data.bench_url : null}
        />
      {/each}
    </div>
  {/if}
</Page>
