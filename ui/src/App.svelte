<script lang="ts">
  import { QueryClientProvider } from '@tanstack/svelte-query';
  import { onMount } from 'svelte';
  import Box from './frame/Box.svelte';
  import Door from './session/Door.svelte';
  import Problem from './shared/Problem.svelte';
  import { queryClient } from './state/queries';
  import { askWhoIsSignedIn, session } from './state/session.svelte';

  let error = $state<unknown>(null);

  function ask() {
    error = null;
    askWhoIsSignedIn().catch((trouble: unknown) => (error = trouble));
  }

  onMount(ask);
</script>

<QueryClientProvider client={queryClient}>
  {#if error}
    <div class="mx-auto max-w-lg p-8"><Problem {error} again={ask} /></div>
  {:else if session.me}
    {#key session.me.desk.id}<Box me={session.me} />{/key}
  {:else if session.asked}
    <Door />
  {/if}
</QueryClientProvider>
