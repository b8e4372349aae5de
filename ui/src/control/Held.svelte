<script lang="ts">
  import { onMount } from 'svelte';
  import { api, take, type Decision } from '../api/client';
  import { termsWords } from '../blotter/words';
  import AccountName from '../shared/AccountName.svelte';
  import { Attempt } from '../state/attempt.svelte';
  import { live } from '../state/live.svelte';
  import { keys, queryClient, useHeld } from '../state/queries';

  const held = useHeld();
  const attempt = new Attempt();
  let share = $state<Record<number, string>>({});
  let now = $state(Date.now());

  onMount(() => {
    const timer = setInterval(() => (now = Date.now()), 1_000);
    return () => clearInterval(timer);
  });

  function left(until: string | null) {
    const seconds = Math.max(0, Math.ceil((Date.parse(until ?? '') - now) / 1000));
    return seconds >= 120 ? `${Math.floor(seconds / 60)} min ${seconds % 60} s` : `${seconds} s`;
  }

  /** What an order of the decision would get now. */
  function market(decision: Decision) {
    const quote = Object.entries(live.quotes).find(([key]) => key.endsWith(`:${decision.instrument}`))?.[1];
    return decision.tickets.at(-1)?.side === 'sell' ? quote?.bid : quote?.ask;
  }

  const answer = (decision: Decision, yes: boolean) =>
    attempt.run(async () => {
      const at = { params: { path: { decision: decision.id } } };
      await take(
        yes
          ? api.POST('/decisions/{decision}/approve', { ...at, body: { share: share[decision.id] ?? '100' } })
          : api.POST('/decisions/{decision}/turn-down', at),
      );
      await Promise.all([keys.held, keys.panel, keys.messages].map((queryKey) => queryClient.invalidateQueries({ queryKey })));
    });
</script>

{#if held.data && held.data.length > 0}
  <section class="plate border-2 border-accent" aria-label="Waiting">
    <h2 class="name border-b border-base-300 px-3 py-2">Waiting</h2>
    <ul class="divide-y divide-base-300/60">
      {#each held.data as decision (decision.id)}
        <li
          class="flex flex-col gap-1 px-3 py-2 text-sm {decision.account.environment === 'live' ? 'border-l-4 border-live' : ''}"
        >
          <span class="flex flex-wrap items-baseline gap-x-2"
            ><a class="font-bold hover:underline" href="/journal/{decision.message}">{decision.route?.name ?? 'deleted'}</a>
            <AccountName account={decision.account} /><b class="figure ml-auto">{left(decision.held_until)}</b></span
          >
          {#if decision.held_for === 'approval'}
            <span class="figure text-xs"
              >{decision.tickets
                .map((ticket) => `${ticket.side} ${ticket.quantity} ${ticket.instrument} ${termsWords(ticket)}`)
                .join(', then ')}</span
            >
            <span class="quiet text-xs"
              >{#if decision.signal?.price}signal at <b class="figure text-base-content">{decision.signal.price}</b>, now{:else}now{/if}
              <b class="figure text-base-content">{market(decision) ?? '…'}</b></span
            >
            <span class="flex flex-wrap items-center gap-2">
              <button class="btn btn-success btn-sm" disabled={attempt.busy} onclick={() => void answer(decision, true)}
                >Send it</button
              >
              <select
                class="select w-24 select-sm"
                aria-label="How much of it"
                bind:value={() => share[decision.id] ?? '100', (value: string) => (share[decision.id] = value)}
                ><option value="100">all</option><option value="75">75 %</option><option value="50">50 %</option><option
                  value="25">25 %</option
                ></select
              >
              <button class="btn btn-sm ml-auto" disabled={attempt.busy} onclick={() => void answer(decision, false)}>No</button>
            </span>
          {:else}
            <span class="quiet text-xs">{decision.summary}</span>
            <span
              ><button class="btn btn-xs" disabled={attempt.busy} onclick={() => void answer(decision, false)}>Give it up</button
              ></span
            >
          {/if}
        </li>
      {/each}
    </ul>
    {#if attempt.general}<p class="px-3 pb-2 text-sm text-error" role="alert">{attempt.general.message}</p>{/if}
  </section>
{/if}
