<script lang="ts">
  import AccountName from '../shared/AccountName.svelte';
  import Empty from '../shared/Empty.svelte';
  import Page from '../shared/Page.svelte';
  import Problem from '../shared/Problem.svelte';
  import Side from '../shared/Side.svelte';
  import { route } from '../router';
  import { live } from '../state/live.svelte';
  import { useBars, usePosition } from '../state/queries';
  import CloseForm from './CloseForm.svelte';
  import Figures from './Figures.svelte';
  import FillsOfTrade from './FillsOfTrade.svelte';
  import PriceChart from './PriceChart.svelte';
  import StopForm from './StopForm.svelte';
  import TargetsForm from './TargetsForm.svelte';

  const id = $derived(Number(route.params.id));
  let seconds = $state(60);
  let proposed = $state<string | null>(null);

  const details = usePosition(() => id);
  const bars = useBars(
    () => details.data?.account.id ?? 0,
    () => details.data?.instrument ?? '',
    () => seconds,
  );

  const lengths = [
    { seconds: 5, words: '5 s' },
    { seconds: 60, words: '1 min' },
    { seconds: 300, words: '5 min' },
    { seconds: 900, words: '15 min' },
    { seconds: 3600, words: '1 h' },
  ];

  const position = $derived(details.data?.position ?? null);
  /** What closing would get now, as heard in the last second. */
  const now = $derived.by(() => {
    const quote = Object.entries(live.quotes).find(([key]) => key.endsWith(`:${details.data?.instrument}`))?.[1];
    const price = position === null ? undefined : position.side === 'long' ? quote?.bid : quote?.ask;
    return price === undefined ? (position?.mark ?? null) : price;
  });
</script>

<Page title={details.data ? details.data.instrument : 'Position'} lead={position ? '' : 'This position is closed.'}>
  {#snippet actions()}<a class="btn btn-sm" href="/blotter">All positions</a>{/snippet}
  {#if details.error}<Problem error={details.error} />{/if}
  {#if details.data && position}
    <p class="flex flex-wrap items-center gap-3 text-sm">
      <Side side={position.side} /><span class="figure font-semibold">{position.quantity} {details.data.unit}</span>
      <AccountName account={details.data.account} />
      {#if details.data.route}<a class="link" href="/routes/{details.data.route.id}">{details.data.route.name}</a>{/if}
      {#if details.data.protection?.closing}<span class="rounded bg-warning px-2 text-xs font-bold text-warning-content"
          >closing: {details.data.protection.closing}</span
        >{/if}
    </p>
    <div class="grid gap-3 lg:grid-cols-[1fr_22rem]">
      <section class="plate flex min-w-0 flex-col gap-2 p-3">
        <div class="flex gap-1" role="group" aria-label="Length of a bar">
          {#each lengths as one (one.seconds)}
            <button
              class="btn btn-xs {seconds === one.seconds ? 'btn-primary' : ''}"
              aria-pressed={seconds === one.seconds}
              onclick={() => (seconds = one.seconds)}>{one.words}</button
            >
          {/each}
        </div>
        {#if bars.data && bars.data.length > 0}
          <PriceChart
            details={details.data}
            bars={bars.data}
            now={now === null ? null : Number(now)}
            onstop={(price) => (proposed = price)}
          />
        {:else if bars.data}
          <p class="quiet p-8 text-center text-sm">This venue does not tell what prices did before.</p>
        {/if}
        <Figures details={details.data} {position} now={now === null ? null : String(now)} />
      </section>
      <div class="flex flex-col gap-3">
        <StopForm {id} details={details.data} {position} bind:proposed />
        <TargetsForm {id} details={details.data} />
        <CloseForm {id} details={details.data} {position} />
      </div>
    </div>
    <FillsOfTrade details={details.data} currency={position.currency} />
  {:else if details.data}
    <Empty title="Nothing is held any more"
      >Its fills are below, and the whole trade is among the <a class="link" href="/trades">trades</a>.</Empty
    >
    <FillsOfTrade details={details.data} currency="" />
  {/if}
</Page>
