<script lang="ts">
  import { api, take } from '../api/client';
  import Problem from '../shared/Problem.svelte';
  import { Attempt } from '../state/attempt.svelte';
  import { keys, queryClient, useAccounts } from '../state/queries';

  type Props = { open: boolean };
  let { open = $bindable() }: Props = $props();

  const accounts = useAccounts();
  const attempt = new Attempt();
  let box = $state<HTMLDialogElement>();
  let account = $state<number | null>(null);
  let reason = $state('');
  let harder = $state<'orders' | 'cancels' | 'flattens'>('orders');

  const ways = [
    { value: 'orders', label: 'No new orders', hint: 'What works and what is held stays, with its stops and targets.' },
    { value: 'cancels', label: 'and take back what works', hint: 'Stops and targets stay with their positions.' },
    { value: 'flattens', label: 'and close what is held', hint: 'Everything at market, now.' },
  ] as const;

  $effect(() => {
    if (open && !box?.open) box?.showModal();
    if (!open && box?.open) box.close();
  });

  function halt(event: SubmitEvent) {
    event.preventDefault();
    void attempt.run(async () => {
      const body = { account_id: account, reason, cancels: harder !== 'orders', flattens: harder === 'flattens' };
      await take(api.POST('/halts', { body }));
      await queryClient.invalidateQueries({ queryKey: keys.halts });
      open = false;
      reason = '';
    });
  }
</script>

<dialog bind:this={box} class="modal" onclose={() => (open = false)} aria-label="Halt">
  <form class="modal-box flex flex-col gap-3" onsubmit={halt}>
    <h2 class="text-lg font-bold">Halt</h2>
    <label class="flex flex-col gap-1 text-sm"
      ><span class="font-semibold">What</span>
      <select class="select w-full" bind:value={account} aria-label="What is halted">
        <option value={null}>everything, all accounts</option>
        {#each accounts.data ?? [] as one (one.id)}<option value={one.id}>{one.name} alone</option>{/each}
      </select></label
    >
    <fieldset class="flex flex-col gap-2">
      {#each ways as way (way.value)}
        <label class="flex items-baseline gap-2 text-sm">
          <input type="radio" class="radio radio-sm translate-y-1" name="harder" value={way.value} bind:group={harder} />
          <span><b>{way.label}</b><br /><span class="quiet">{way.hint}</span></span>
        </label>
      {/each}
    </fieldset>
    <label class="flex flex-col gap-1 text-sm"
      ><span class="font-semibold">Why (others will read it)</span><input
        class="input w-full"
        maxlength="200"
        bind:value={reason}
      /></label
    >
    {#if attempt.error}<Problem error={attempt.error} />{/if}
    <div class="flex justify-end gap-2">
      <button type="button" class="btn" onclick={() => (open = false)}>Not now</button>
      <button class="btn btn-error" disabled={attempt.busy}>Halt now</button>
    </div>
  </form>
</dialog>
