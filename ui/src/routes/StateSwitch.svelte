<script lang="ts">
  import { api, take, type Route, type RouteState } from '../api/client';
  import Later from './Later.svelte';
  import Lamp from '../shared/Lamp.svelte';
  import Time from '../shared/Time.svelte';
  import Problem from '../shared/Problem.svelte';
  import { Attempt } from '../state/attempt.svelte';
  import { keys, queryClient } from '../state/queries';

  type Props = { route: Route };
  let { route }: Props = $props();

  const attempt = new Attempt();
  let typing = $state(false);
  let liveAccount = $state('');
  let reason = $state('');

  const liveName = $derived(route.accounts.find((account) => account.environment === 'live')?.name ?? null);
  const says: Record<RouteState, string> = {
    draft: 'A draft takes nothing. Arm it when the rules below are right.',
    armed: 'Every signal that passes the rules is sent.',
    paused: 'Nothing is taken until it is armed again. What is open stays open.',
    winding_down: 'Closes what is open when told so, starts nothing new.',
  };

  const unmended = $derived(attempt.of('preflight'));

  function set(state: RouteState, anyway = false) {
    if (state === 'armed' && liveName !== null && !typing) {
      typing = true;
      return;
    }
    void attempt.run(async () => {
      await take(
        api.PUT('/routes/{route}/state', {
          params: { path: { route: route.id } },
          body: { state, live_account: liveAccount, reason: reason === '' ? null : reason, anyway },
        }),
      );
      typing = false;
      liveAccount = '';
      reason = '';
      await Promise.all([
        queryClient.invalidateQueries({ queryKey: keys.route }),
        queryClient.invalidateQueries({ queryKey: keys.routes }),
      ]);
    });
  }
</script>

<section class="plate flex flex-wrap items-center gap-3 p-3 {liveName ? 'plate-live' : ''}" aria-label="State">
  <Lamp state={route.state} />
  <span class="text-sm"
    >{says[route.state]}{#if route.state_by}<span class="quiet block text-xs"
        >{route.state_by}, <Time at={route.state_at} />{route.state_reason ? `: ${route.state_reason}` : ''}</span
      >{/if}</span
  >
  <div class="ml-auto flex flex-wrap items-center gap-2">
    {#if route.state !== 'draft' || reason !== ''}<input
        class="input input-sm w-36"
        placeholder="why (optional)"
        aria-label="Why"
        maxlength="300"
        bind:value={reason}
      />{/if}
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
    {#if route.state === 'armed' || route.state === 'winding_down'}<Later {route} />{/if}
  </div>
  {#if unmended.length > 0}
    <div class="w-full rounded border-l-4 border-error bg-base-200 px-3 py-2 text-sm" role="alert">
      <p class="font-semibold">Not armed: something must be mended first.</p>
      <ul class="list-disc pl-5">
        {#each unmended as words (words)}<li>{words}</li>{/each}
      </ul>
      <button class="btn btn-error btn-xs mt-1" disabled={attempt.busy} onclick={() => set('armed', true)}
        >Arm all the same</button
      >
    </div>
  {:else if attempt.error}<div class="w-full"><Problem error={attempt.error} /></div>{/if}
</section>
