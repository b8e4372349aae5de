<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api, take } from '../api/client';

  type Props = { routeId: number };
  let { routeId }: Props = $props();

  let open = $state(false);
  const tally = createQuery(() => ({
    queryKey: ['route', routeId, 'guards'],
    enabled: open,
    queryFn: async () =>
      (await take(api.GET('/routes/{route}/guards', { params: { path: { route: routeId }, query: { days: 7 } } }))).data,
  }));
</script>

<details bind:open>
  <summary class="cursor-pointer text-sm font-semibold">What the guards did, the last 7 days</summary>
  {#if tally.data}
    <table class="ledger ledger-tight mt-2 text-sm" aria-label="What the guards did">
      <thead><tr><th>Day</th><th>Guard</th><th class="right">Let through</th><th class="right">Refused</th></tr></thead>
      <tbody>
        {#each tally.data as day (day.day)}
          {#each day.guards as one (one.guard)}
            <tr
              ><td class="figure">{day.day}</td><td>{one.guard}</td><td class="figure right">{one.passed}</td><td
                class="figure right font-semibold text-error">{one.refused}</td
              ></tr
            >
          {/each}
          <tr
            ><td class="figure">{day.day}</td><td class="quiet">all guards</td><td class="figure right">{day.passed}</td><td
            ></td></tr
          >
        {:else}<tr><td colspan="4" class="quiet">No signal came as far as the guards.</td></tr>{/each}
      </tbody>
    </table>
  {/if}
</details>
