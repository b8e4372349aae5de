<script lang="ts">
  import { ask, type Account, type Handover } from './api';
  import Attempted from './Attempted.svelte';
  import { bench } from './bench.svelte';

  /** Makes the inlet and the route in Wexon and the alerts here, after showing them. */
  type Props = { what: () => object; usualName: string };
  let { what, usualName }: Props = $props();

  let accounts = $state<Account[] | null>(null);
  let account = $state<number>();
  let name = $state('');
  let arm = $state(true);
  let shown = $state<Handover | null>(null);

  const fitting = $derived((accounts ?? []).filter((one) => one.venue === bench.chart?.venue));
  const isLive = $derived(fitting.find((one) => one.id === account)?.environment === 'live');

  async function begin() {
    accounts = (await ask<{ accounts: Account[] }>('GET', 'accounts')).accounts;
    name = usualName;
    // Never a live one by itself.
    account = fitting.find((one) => one.environment === 'practice')?.id;
    shown = null;
  }

  const send = async (confirmed: boolean) => {
    shown = await ask<Handover>('POST', 'handovers', { ...what(), name, account_id: account ?? null, arm, confirmed });
    if (confirmed) await bench.loadKept();
  };
</script>

<section aria-label="Trade these in Wexon" class="flex flex-col gap-2 border-t border-base-300 pt-2">
  {#if accounts === null}
    <Attempted work={begin}>Trade these in Wexon …</Attempted>
  {:else if shown?.made}
    <p>
      Made: the route {shown.route.name}, its inlet and {shown.alerts.length} alert{shown.alerts.length > 1 ? 's' : ''}.
      {shown.made.armed ? 'It is armed.' : 'It is a draft.'}
      {#if shown.made.words}<span class="text-error">{shown.made.words}</span>{/if}
      <a class="link" href={shown.made.url} target="_blank" rel="noreferrer">Open it in Wexon</a>
    </p>
    <button type="button" class="btn self-start btn-xs" onclick={() => (accounts = null)}>Done</button>
  {:else}
    <label class="flex flex-col"
      >Name of the route <input class="input input-sm w-full" bind:value={name} oninput={() => (shown = null)} /></label
    >
    <label class="flex flex-col"
      >Account
      <select class="select w-full select-sm" bind:value={account} onchange={() => (shown = null)}
        >{#each fitting as one (one.id)}<option value={one.id}>{one.name}{one.environment === 'live' ? ' (live)' : ''}</option
          >{/each}</select
      ></label
    >
    {#if fitting.length === 0}<p class="text-error">Wexon has no account at this chart's venue. Connect one there first.</p>{/if}
    {#if isLive}<p class="font-bold text-error">
        This is live money. Wexon arms the route only when you type the account's name there.
      </p>{/if}
    <label class="flex items-center gap-2"
      ><input type="checkbox" class="checkbox checkbox-sm" bind:checked={arm} />arm it at once</label
    >
    {#if shown}
      <div class="sheet p-2" aria-label="What will be made">
        <p>In Wexon: the inlet <b>{shown.inlet}</b> and the route <b>{shown.route.name}</b></p>
        <pre class="figure whitespace-pre-wrap">{JSON.stringify(shown.route.rules, null, 1)}</pre>
        <p>Here:</p>
        {#each shown.alerts as alert (alert.name)}<p><b>{alert.name}</b>{alert.words ? `, ${alert.words}` : ''}</p>
          <pre class="figure break-all whitespace-pre-wrap">{alert.message}</pre>{/each}
      </div>
    {/if}
    <div class="flex flex-wrap gap-2">
      {#if shown}<Attempted primary work={() => send(true)}>Make all of it</Attempted>{:else}<Attempted
          primary
          work={() => send(false)}>Show what will be made</Attempted
        >{/if}
      <button type="button" class="btn btn-sm" onclick={() => (accounts = null)}>Not now</button>
    </div>
  {/if}
</section>
