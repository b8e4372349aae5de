<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api, take, type Route, type RouteDraft, type RouteVersion } from '../api/client';
  import Lamp from '../shared/Lamp.svelte';
  import Time from '../shared/Time.svelte';
  import { changesBetween } from './changes';

  type Props = { route: Route; onback: (draft: RouteDraft) => void };
  let { route, onback }: Props = $props();

  let open = $state(false);
  const versions = createQuery(() => ({
    queryKey: ['route', route.id, 'versions', route.updated_at],
    enabled: open,
    queryFn: async () => (await take(api.GET('/routes/{route}/versions', { params: { path: { route: route.id } } }))).data,
  }));
  const states = createQuery(() => ({
    queryKey: ['route', route.id, 'states', route.state_at],
    enabled: open,
    queryFn: async () => (await take(api.GET('/routes/{route}/states', { params: { path: { route: route.id } } }))).data,
  }));
  const before = (i: number): RouteVersion | undefined => versions.data?.[i + 1];
</script>

<details class="plate p-3" bind:open>
  <summary class="cursor-pointer text-sm font-semibold">History</summary>
  <ul class="mt-2 divide-y divide-base-300/60 text-sm">
    {#each versions.data ?? [] as version, i (version.id)}
      <li class="flex flex-wrap items-baseline gap-x-3 py-1.5">
        <Time at={version.at} date />
        <b>{version.by ?? 'somebody who has left'}</b>
        <span class="quiet min-w-0 flex-1"
          >{before(i) ? changesBetween(before(i)?.draft, version.draft) : 'the first that is kept'}</span
        >
        {#if i > 0}<button type="button" class="btn btn-xs" onclick={() => onback(version.draft)}>Back to this</button
          >{:else}<span class="quiet text-xs">as it is now</span>{/if}
      </li>
    {:else}<li class="quiet py-1">Nothing is kept from before.</li>{/each}
  </ul>
  <h3 class="mt-3 text-sm font-semibold">States</h3>
  <ul class="mt-1 divide-y divide-base-300/60 text-sm">
    {#each states.data ?? [] as change (change.at)}
      <li class="flex flex-wrap items-baseline gap-x-3 py-1">
        <Time at={change.at} date /><Lamp state={change.to} /><b>{change.by}</b><span class="quiet">{change.reason ?? ''}</span>
      </li>
    {:else}<li class="quiet py-1">It has been in no other state yet.</li>{/each}
  </ul>
</details>
