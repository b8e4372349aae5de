<script lang="ts">
  import { api, take, type Route } from '../api/client';
  import { navigate } from '../router';
  import { Attempt } from '../state/attempt.svelte';
  import { keys, queryClient } from '../state/queries';

  type Props = { route: Route };
  let { route }: Props = $props();

  let asking = $state(false);
  const attempt = new Attempt();

  async function remove() {
    await attempt.run(async () => {
      await take(api.DELETE('/routes/{route}', { params: { path: { route: route.id } } }));
      await Promise.all([keys.routes, keys.panel, keys.inlets].map((queryKey) => queryClient.invalidateQueries({ queryKey })));
      await navigate('/routes');
    });
    if (attempt.error) asking = false;
  }
</script>

{#if asking}
  <span class="flex items-center gap-2 text-sm"
    >Its journal stays.<button type="button" class="btn btn-error btn-sm" onclick={() => void remove()}>Remove for good</button
    ><button type="button" class="btn btn-sm" onclick={() => (asking = false)}>Keep</button></span
  >
{:else}
  <span class="flex items-center gap-2 text-sm text-error"
    >{attempt.error?.message ?? ''}<button
      type="button"
      class="btn btn-ghost btn-sm text-base-content"
      onclick={() => (asking = true)}>Remove</button
    ></span
  >
{/if}
