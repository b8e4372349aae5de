<script lang="ts">
  import { route as place } from '../router';
  import Page from '../shared/Page.svelte';
  import Problem from '../shared/Problem.svelte';
  import { useAccounts, useInlets, useRoute } from '../state/queries';
  import SendTest from '../inlets/SendTest.svelte';
  import RouteEditor from './RouteEditor.svelte';
  import StateSwitch from './StateSwitch.svelte';

  const id = $derived((place.params as { id?: string }).id ?? 'new');
  const route = useRoute(() => (id === 'new' ? null : Number(id)));
  const inlets = useInlets();
  const accounts = useAccounts();
  const inlet = $derived(inlets.data?.find((one) => one.id === route.data?.inlet.id));
  const ready = $derived(inlets.data !== undefined && accounts.data !== undefined && (id === 'new' || route.data !== undefined));
</script>

<Page
  title={id === 'new' ? 'New route' : (route.data?.name ?? 'Route')}
  lead="The line from inlet to account, station by station."
>
  {#snippet actions()}<a class="btn btn-sm" href="/routes">All routes</a>{/snippet}
  {#if route.isError}<Problem error={route.error} again={() => void route.refetch()} />{/if}
  {#if ready}
    {#if route.data}<StateSwitch route={route.data} />{/if}
    {#key id}
      <div class="grid grid-cols-1 items-start gap-6 xl:grid-cols-[minmax(0,48rem)_minmax(0,1fr)]">
        <RouteEditor route={route.data ?? null} inlets={inlets.data ?? []} accounts={accounts.data ?? []} />
        {#if route.data && inlet}
          <aside class="plate p-4">
            <h2 class="name quiet">Try it</h2>
            <p class="mb-2 text-sm">Put a message into {inlet.name} and see what these rules, as saved, make of it.</p>
            <SendTest {inlet} symbol={route.data.rules.legs[0]?.symbol ?? ''} opened />
          </aside>
        {/if}
      </div>
    {/key}
  {/if}
</Page>
