<script lang="ts">
  import { api, take, type Account } from '../api/client';
  import Money from '../shared/Money.svelte';
  import Problem from '../shared/Problem.svelte';
  import Time from '../shared/Time.svelte';
  import { Attempt } from '../state/attempt.svelte';
  import { keys, queryClient, useVenues } from '../state/queries';
  import AccountGuards from './AccountGuards.svelte';
  import NewCredentials from './NewCredentials.svelte';

  type Props = { account: Account };
  let { account }: Props = $props();

  const venues = useVenues();
  const attempt = new Attempt();
  let removing = $state(false);
  let changing = $state(false);

  async function act(work: () => Promise<unknown>) {
    await attempt.run(async () => {
      try {
        await work();
        await queryClient.invalidateQueries({ queryKey: keys.accounts });
      } finally {
        removing = false;
      }
    });
  }

  const at = $derived({ params: { path: { account: account.id } } });
  const check = () => act(() => take(api.POST('/accounts/{account}/check', at)));
  const remove = () => act(() => take(api.DELETE('/accounts/{account}', at)));
</script>

<article class="plate flex flex-col gap-2 p-4 {account.environment === 'live' ? 'plate-live' : ''}">
  <header class="flex items-baseline justify-between gap-2">
    <h2 class="font-bold">{account.name}</h2>
    {#if account.environment === 'live'}
      <span class="rounded-sm bg-live px-2 text-xs font-bold tracking-widest text-base-100">LIVE MONEY</span>
    {:else}
      <span class="rounded-sm border border-base-300 px-2 text-xs font-semibold tracking-wider quiet">PRACTICE</span>
    {/if}
  </header>
  <dl class="grid grid-cols-[auto_1fr] gap-x-4 gap-y-0.5 text-sm">
    <dt class="quiet">Venue</dt>
    <dd class="text-right">{venues.data?.find((one) => one.id === account.venue)?.name ?? account.venue}</dd>
    <dt class="quiet">Equity</dt>
    <dd class="text-right font-semibold"><Money amount={account.equity} currency={account.currency} /></dd>
    <dt class="quiet">Free</dt>
    <dd class="text-right"><Money amount={account.free} currency={account.currency} /></dd>
    {#if account.set_aside !== '0.00'}
      <dt class="quiet">Set aside for routes</dt>
      <dd class="text-right"><Money amount={account.set_aside} currency={account.currency} /></dd>
      <dt class="quiet">In use of that</dt>
      <dd class="text-right"><Money amount={account.in_use} currency={account.currency} /></dd>
    {/if}
    <dt class="quiet">May</dt>
    <dd class="text-right">{account.permissions.join(', ')}</dd>
    <dt class="quiet">Last asked</dt>
    <dd class="text-right"><Time at={account.checked_at} /></dd>
  </dl>
  {#if account.may_withdraw}
    <p class="rounded border-l-4 border-warning bg-base-200 px-2 py-1 text-sm" role="alert">
      This key may withdraw money, and trading never needs that. Make a key without it at the venue, connect that one, and delete
      this one there.
    </p>
  {/if}
  {#if account.trouble}<p class="rounded border-l-4 border-error bg-base-200 px-2 py-1 text-sm" role="alert">
      {account.trouble}
    </p>{/if}
  {#if attempt.error}<Problem error={attempt.error} />{/if}
  <AccountGuards {account} />
  {#if changing}<NewCredentials {account} onclose={() => (changing = false)} />{/if}
  <footer class="mt-auto flex gap-2 pt-1">
    <button class="btn btn-sm" disabled={attempt.busy} onclick={() => void check()}>Ask the venue again</button>
    {#if !changing && !removing}<button class="btn btn-ghost btn-sm" onclick={() => (changing = true)}>New key</button>{/if}
    {#if removing}
      <span class="ml-auto flex items-center gap-2 text-sm"
        >Forget its key?<button class="btn btn-error btn-sm" onclick={() => void remove()}>Forget</button><button
          class="btn btn-sm"
          onclick={() => (removing = false)}>Keep</button
        ></span
      >
    {:else}
      <button class="btn ml-auto btn-ghost btn-sm" onclick={() => (removing = true)}>Remove</button>
    {/if}
  </footer>
</article>
