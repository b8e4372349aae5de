<script lang="ts">
  import { onMount } from 'svelte';
  import { api, take, type Ask } from '../api/client';
  import { termsWords } from '../blotter/words';
  import AccountName from '../shared/AccountName.svelte';
  import Problem from '../shared/Problem.svelte';
  import Time from '../shared/Time.svelte';
  import { Attempt } from '../state/attempt.svelte';

  type Props = { decision: number; token: string };
  let { decision, token }: Props = $props();

  const attempt = new Attempt();
  const at = $derived({ params: { path: { decision, token } } });
  let ask = $state<Ask | null>(null);
  let share = $state('100');
  let said = $state<string | null>(null);

  onMount(() => void attempt.run(async () => (ask = await take(api.GET('/asks/{decision}/{token}', at)))));

  const answer = (yes: boolean) =>
    attempt.run(async () => {
      await take(api.POST('/asks/{decision}/{token}', { ...at, body: { yes, share } }));
      said = yes ? 'You said yes: it is decided once more and sent.' : 'You said no: nothing is sent.';
    });
</script>

<main class="mx-auto flex max-w-lg flex-col gap-3 p-6">
  <h1 class="flex items-center gap-2 text-lg font-extrabold tracking-[0.18em]">
    <img src="/mark.svg" alt="" class="size-6" />WEXON
  </h1>
  {#if attempt.error}<Problem error={attempt.error} />{/if}
  {#if ask}
    <section
      class="plate flex flex-col gap-3 p-4 {ask.account.environment === 'live' ? 'plate-live' : ''}"
      aria-label="The question"
    >
      <p><b>{ask.route}</b> asks, for <AccountName account={ask.account} />:</p>
      <p class="figure text-lg font-semibold">
        {ask.tickets
          .map((ticket) => `${ticket.side} ${ticket.quantity} ${ticket.instrument} ${termsWords(ticket)}`)
          .join(', then ')}
      </p>
      {#if said}<p class="font-semibold" role="status">{said}</p>
      {:else if ask.is_open}
        <p class="quiet text-sm">
          Until <Time at={ask.until} />. It is decided once more when you say yes, with the market of then.
        </p>
        <div class="flex flex-wrap gap-2">
          <button class="btn btn-success" disabled={attempt.busy} onclick={() => void answer(true)}>Send it</button>
          <select class="select w-28" aria-label="How much of it" bind:value={share}
            ><option value="100">all</option><option value="75">75 %</option><option value="50">50 %</option><option value="25"
              >25 %</option
            ></select
          >
          <button class="btn ml-auto" disabled={attempt.busy} onclick={() => void answer(false)}>No</button>
        </div>
      {:else}<p class="font-semibold">This does not wait for an answer any more. {ask.summary ?? ''}</p>{/if}
    </section>
  {/if}
</main>
