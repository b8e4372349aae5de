<script lang="ts">
  import { api, take, type Route } from '../api/client';
  import Time from '../shared/Time.svelte';
  import { Attempt } from '../state/attempt.svelte';
  import { keys, queryClient } from '../state/queries';

  type Props = { route: Route };
  let { route }: Props = $props();

  const attempt = new Attempt();
  let open = $state(false);
  let at = $state('');
  let what = $state<'paused' | 'winding_down'>('winding_down');

  const set = (moment: string | null) =>
    attempt.run(async () => {
      const body = { state: what, at: moment };
      await take(api.PUT('/routes/{route}/next-state', { params: { path: { route: route.id } }, body }));
      open = false;
      await Promise.all([keys.route, keys.routes].map((queryKey) => queryClient.invalidateQueries({ queryKey })));
    });
</script>

{#if route.next_state_at}
  <span class="text-sm">{route.next_state === 'paused' ? 'pauses' : 'winds down'} at <Time at={route.next_state_at} date /></span>
  <button class="btn btn-sm" disabled={attempt.busy} onclick={() => void set(null)}>Not then</button>
{:else if open}
  <form
    class="flex flex-wrap items-center gap-2"
    onsubmit={(event) => {
      event.preventDefault();
      void set(new Date(at).toISOString());
    }}
  >
    <select class="select w-32 select-sm" aria-label="What the clock does" bind:value={what}
      ><option value="winding_down">wind down</option><option value="paused">pause</option></select
    >
    <input class="input input-sm figure" type="datetime-local" aria-label="When" required bind:value={at} />
    <button class="btn btn-sm" disabled={attempt.busy}>Set</button>
    <button type="button" class="btn btn-ghost btn-sm" onclick={() => (open = false)}>Leave it</button>
  </form>
{:else}<button class="btn btn-ghost btn-sm" onclick={() => (open = true)}>Later …</button>{/if}
{#if attempt.error}<span class="text-sm text-error" role="alert">{attempt.of('at')[0] ?? attempt.error.message}</span>{/if}
