<script lang="ts">
  import { api, refusal, take, type Decision } from '../api/client';
  import AccountName from '../shared/AccountName.svelte';
  import { termsWords } from '../blotter/words';
  import LadderTable from './LadderTable.svelte';
  import OrderLine from './OrderLine.svelte';
  import Steps from './Steps.svelte';
  import { Attempt } from '../state/attempt.svelte';
  import { keys, queryClient } from '../state/queries';
  import VerdictMark from '../shared/VerdictMark.svelte';

  type Props = { decision: Decision };
  let { decision }: Props = $props();

  let replay = $state<string | null>(null);
  let sure = $state(false);
  const attempt = new Attempt();

  const inWords = (ticket: Decision['tickets'][number]) =>
    `${ticket.side} ${ticket.quantity} ${ticket.instrument} ${termsWords(ticket)}`;

  const overrule = () =>
    attempt.run(async () => {
      await take(api.POST('/decisions/{decision}/overrule', { params: { path: { decision: decision.id } } }));
      sure = false;
      await queryClient.invalidateQueries({ queryKey: keys.messages });
    });

  async function again() {
    try {
      const answer = await take(api.GET('/decisions/{decision}/replay', { params: { path: { decision: decision.id } } }));
      replay = answer.same
        ? 'Decided again from what was seen then: the same steps, the same orders.'
        : 'Decided again: the answer differs. The rules of the software have changed since.';
    } catch (trouble) {
      replay = refusal(trouble)?.message ?? null;
    }
  }
</script>

<article class="rounded border p-3 {decision.account.environment === 'live' ? 'plate-live' : 'border-base-300'}">
  <header class="mb-2 flex flex-wrap items-baseline gap-x-2 text-sm">
    {#if decision.route}<a class="font-bold hover:underline" href="/routes/{decision.route.id}">{decision.route.name}</a>{:else}<b
        >deleted route</b
      >{/if}
    <span class="quiet">→</span>
    <AccountName account={decision.account} />
    <span class="quiet">{decision.instrument}</span>
    <span class="ml-auto"><VerdictMark verdict={decision.verdict} dry={decision.dry} /></span>
  </header>
  <Steps steps={decision.steps} />
  {#if decision.overruled}<p class="mt-1 text-sm">
      Run all the same by <b>{decision.overruled_by}</b>, who overruled “{decision.overruled}”.
    </p>{/if}
  {#if decision.approved_by}
    <p class="mt-1 text-sm">
      <b>{decision.approved_by}</b> said yes{decision.approved_share === '100' ? '' : ` to ${decision.approved_share} %`}. Asked
      about: {decision.asked.map(inWords).join(', then ') || 'nothing'}; decided once more:
      {decision.tickets.map(inWords).join(', then ') || 'nothing'}.
    </p>
  {/if}
  {#if decision.verdict === 'refuse' && decision.guard && !decision.overruled}
    <p class="mt-2 flex flex-wrap items-center gap-2 text-xs">
      {#if decision.route}<a class="btn btn-xs" href="/routes/{decision.route.id}#guards">See the guard</a>{/if}
      {#if sure}
        <span>Decided anew, with the market of now and without “{decision.guard}”.</span>
        <button class="btn btn-warning btn-xs" disabled={attempt.busy} onclick={overrule}>Run it now</button>
        <button class="btn btn-xs" onclick={() => (sure = false)}>Leave it</button>
      {:else if !decision.dry}<button class="btn btn-xs" onclick={() => (sure = true)}>Run it all the same</button>{/if}
      {#if attempt.general}<span class="text-error" role="alert">{attempt.general.message}</span>{/if}
    </p>
  {/if}
  {#if decision.ladder.length > 1}<LadderTable rungs={decision.ladder} />{/if}
  {#each decision.orders as order (order.id)}<OrderLine {order} />{/each}
  {#if decision.dry && decision.tickets.length > 0}
    <p class="mt-2 text-sm">
      Dry run: {decision.tickets.map(inWords).join(', then ')} would go out now.
    </p>
  {/if}
  {#if decision.replayable}
    <p class="mt-2 flex items-center gap-2 text-xs">
      <button class="btn btn-xs" onclick={again}>Decide again</button><span class="quiet" role="status">{replay ?? ''}</span>
    </p>
  {/if}
</article>
