<script lang="ts">
  import SendTest from '../inlets/SendTest.svelte';
  import { route as place } from '../router';
  import Page from '../shared/Page.svelte';
  import Problem from '../shared/Problem.svelte';
  import { useAccounts, useInlets, useRoute } from '../state/queries';
  import { begun, draftOf } from './draft';
  import Preflight from './Preflight.svelte';
  import RouteWorkshop from './RouteWorkshop.svelte';
  import StateSwitch from './StateSwitch.svelte';

  const id = $derived((place.params as { id?: string }).id ?? 'new');
  const asked = (name: string) => (place.search[name] === undefined ? null : Number(place.search[name]));
  const route = useRoute(() => (id === 'new' ? null : Number(id)));
  const original = useRoute(() => (id === 'new' ? asked('copy') : null));
  const inlets = useInlets();
  const accounts = useAccounts();
  const inlet = $derived(inlets.data?.find((one) => one.id === route.data?.inlet.id));
  let workshop = $state<RouteWorkshop>();
  const ready = $derived(
    inlets.data !== undefined &&
      accounts.data !== undefined &&
      (id === 'new' ? asked('copy') === null || original.data !== undefined : route.data !== undefined),
  );

  function first() {
    if (route.data) return draftOf(route.data);
    if (original.data) return { ...draftOf(original.data), name: `${original.data.name}, copy` };
    return begun(inlets.data ?? [], accounts.data ?? [], asked('inlet'));
  }
</script>

<Page
  title={id === 'new' ? 'New route' : (route.data?.name ?? 'Route')}
  lead="The line from inlet to account, station by station."
>
  {#snippet actions()}
    {#if route.data}<a class="btn btn-sm btn-primary" href="/routes/{route.data.id}/slips">Alert slips</a><a
        class="btn btn-sm"
        href="/routes/new?copy={route.data.id}">Duplicate</a
      >{/if}
    <a class="btn btn-sm" href="/routes">All routes</a>
  {/snippet}
  {#if route.isError}<Problem error={route.error} again={() => void route.refetch()} />{/if}
  {#if ready}
    {#if route.data}
      <StateSwitch route={route.data} />
      {#key route.data.id}<Preflight route={route.data} onmended={(rules) => workshop?.mend(rules)} />{/key}
    {/if}
    {#key id}
      <RouteWorkshop
        bind:this={workshop}
        route={route.data ?? null}
        first={first()}
        inlets={inlets.data ?? []}
        accounts={accounts.data ?? []}
      >
        {#if route.data && inlet}
          <div class="border-t border-base-300 pt-3">
            <p class="mb-2 text-sm">Put a message into {inlet.name}, by the rules as they are saved:</p>
            <SendTest {inlet} symbol={route.data.rules.legs[0]?.symbol ?? ''} opened />
          </div>
        {/if}
      </RouteWorkshop>
    {/key}
  {/if}
</Page>
