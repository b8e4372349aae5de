<script lang="ts">
  import { api, take } from '../api/client';
  import { Attempt } from '../state/attempt.svelte';
  import { keys, queryClient, useAccounts } from '../state/queries';

  const accounts = useAccounts();
  const attempt = new Attempt();
  let account = $state<number | null>(null);
  let asking = $state(false);
  let said = $state('');

  const where = $derived(accounts.data?.find((one) => one.id === account)?.name ?? 'all accounts');

  function flatten() {
    said = '';
    void attempt.run(async () => {
      const came = await take(api.POST('/positions/flatten', { body: { account_id: account } }));
      said = [`${came.closed} closed`, ...came.troubles].join('; ');
      asking = false;
      await queryClient.invalidateQueries({ queryKey: keys.positions });
    });
  }
</script>

{#if said}<span class="text-xs" role="status">{said}</span>{/if}
{#if attempt.general}<span class="text-xs text-error" role="alert">{attempt.general.message}</span>{/if}
{#if asking}
  <span class="text-sm">Close every position of {where} at market?</span>
  <button class="btn btn-error btn-xs" disabled={attempt.busy} onclick={flatten}>Close them now</button>
  <button class="btn btn-xs" onclick={() => (asking = false)}>Keep them</button>
{:else}
  <select class="select w-40 select-xs" aria-label="Positions of" bind:value={account}
    ><option value={null}>all accounts</option>{#each accounts.data ?? [] as one (one.id)}<option value={one.id}
        >{one.name}</option
      >{/each}</select
  >
  <button class="btn btn-xs" onclick={() => (asking = true)}>Flatten</button>
{/if}
