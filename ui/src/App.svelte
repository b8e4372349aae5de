<script lang="ts">
  import { QueryClientProvider } from '@tanstack/svelte-query';
  import { onMount } from 'svelte';
  import AskPage from './control/AskPage.svelte';
  import Box from './frame/Box.svelte';
  import Door from './session/Door.svelte';
  import Problem from './shared/Problem.svelte';
  import { queryClient } from './state/queries';
  import { askWhoIsSignedIn, session } from './state/session.svelte';

  let error = $state<unknown>(null);

  /** A link from a notification is answered without being signed in. */
  const link = /^\/ask\/(\d+)\/(\w+)$/.exec(location.pathname);
  const asked = link?.[2] === undefined ? null : { decision: Number(link[1]), token: link[2] };

  function ask() {
    error = null;
    askWhoIsSignedIn().catch((trouble: unknown) => (error = trouble));
  }

  onMount(() => {
    if (asked === null) ask();
  });
</script>

<QueryClientProvider client={queryClient}>
  {#if asked}<AskPage {...asked} />
  {:else if error}
    <div class="mx-auto max-w-lg p-8"><Problem {error} again={ask} /></div>
  {:else if session.me}
    {#key session.me.desk.id}<Box me={session.me} />{/key}
  {:else if session.asked}
    <Door />
  {/if}
</QueryClientProvider>
