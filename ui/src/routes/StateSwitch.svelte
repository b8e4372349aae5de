<script lang="ts">
  import { api, take, type Route, type RouteState } from '../api/client';
  import Lamp from '../shared/Lamp.svelte';
  import Problem from '../shared/Problem.svelte';
  import { Attempt } from '../state/attempt.svelte';
  import { keys, queryClient } from '../state/queries';

  type Props = { route: Route };
  let { route }: Props = $props();

  const attempt = new Attempt();
  let typing = $state(false);
  let liveAccount = $state('');

  const liveName = $derived(route.accounts.find((account) => account.environment === 'live')?.name ?? null);
  const says: Record<RouteState, string> = {
    draft: 'A draft takes nothing. Arm it when the rules below are right.',
    armed: 'Every signal that passes the rules is sent.',
    paused: 'Nothing is taken until it is armed again. What is open stays open.',
    winding_down: 'Closes what is open when told so, starts nothing new.',
  };

  function set(state: RouteState) {
    if (state === 'armed' && liveName !== null && !typing) {
      typing = true;
      return;
    }
    void attempt.run(async () => {
      await take(
        api.PUT('/routes/{route}/state', { params: { path: { route: route.id } }, body: { state, live_account: liveAccount } }),
      );
      typing = false;
      liveAccount = '';
      await Promise.all([
        queryClient.invalidateQueries({ queryKey: ['route'] }),
        queryClient.invalidateQueries({ queryKey: keys.routes }),
      ]);
    });
  }
</script>

<section class="plate flex flex-wrap items-center gap-3 p-3 {liveName ? 'plate-live' : ''}" aria-label="State">
  <Lamp state={route.state} />
  <span class="text-sm">{says[route.state]}</span>
  <div class="ml-auto flex flex-wrap items-center gap-2">
    {#if typing}
      <label class="flex items-center gap-2 text-sm"
        >Live money: type “{liveName}” to arm <input class="input input-sm w-40" bind:value={liveAccount} /></label
      >
      <button class="btn btn-sm" onclick={() => ((typing = false), (attempt.error = null))}>Cancel</button>
    {/if}
    {#if route.state !== 'armed'}<button
        class="btn btn-sm {typing ? 'btn-error' : 'btn-success'}"
        disabled={attempt.busy}
        onclick={() => set('armed')}>Arm</button
      >{/if}
    {#if route.state === 'armed'}<button class="btn btn-sm" disabled={attempt.busy} onclick={() => set('winding_down')}
        >Wind down</button
      >{/if}
    {#if route.state === 'armed' || route.state === 'winding_down'}<button
        class="btn btn-sm btn-warning"
        disabled={attempt.busy}
        onclick={() => set('paused')}>Pause</button
      >{/if}
  </div>
  {#if attempt.error}<div class="w-full"><Problem error={attempt.error} /></div>{/if}
</section>
