<script lang="ts">
  import { ask, type Slip } from './api';
  import Alerts from './Alerts.svelte';
  import { bench, COUNTS } from './bench.svelte';
  import Chart from './Chart.svelte';
  import ClockBar from './ClockBar.svelte';
  import Conditions from './Conditions.svelte';
  import Data from './Data.svelte';
  import Scripts from './Scripts.svelte';
  import Studies from './Studies.svelte';

  const TABS = ['Conditions', 'Scripts', 'Alerts', 'Data'] as const;
  const EVERY = 1_000;

  let tab = $state<(typeof TABS)[number]>('Conditions');
  let slip = $state<Slip | null>(null);
  let drawing = $state<'level' | 'line' | null>(null);
  let first = $state<[number, number] | null>(null);

  const tell = (trouble: unknown) => (bench.trouble = trouble instanceof Error ? trouble.message : 'That did not work.');

  /** A slip comes as its text, or as a link with the text behind its #. */
  async function take(text: string) {
    const behind = /#slip=(.*)$/s.exec(text.trim())?.[1];
    slip = await ask<Slip>('POST', 'slips', { text: behind === undefined ? text : decodeURIComponent(behind) });
    tab = 'Alerts';
    if (slip.charts.length > 0 && !slip.charts.includes(bench.chartKey)) {
      bench.chartKey = slip.charts[0] ?? bench.chartKey;
      await bench.draw();
    }
  }

  function fromAddress() {
    if (!location.hash.startsWith('#slip=')) return;
    const text = location.hash;
    history.replaceState(null, '', location.pathname);
    take(text).catch(tell);
  }

  $effect(() => {
    bench
      .open()
      .then(() => bench.draw())
      .then(fromAddress)
      .catch(tell);
    let stopped = false;
    const go = async () => {
      try {
        if (bench.lists !== null) await Promise.all([bench.follow(), bench.loadKept()]);
        bench.trouble = null;
      } catch (trouble) {
        tell(trouble);
      }
      if (!stopped) setTimeout(() => void go(), EVERY);
    };
    setTimeout(() => void go(), EVERY);
    return () => (stopped = true);
  });

  async function point(at: number, price: number) {
    const points: [number, number][] = drawing === 'line' && first !== null ? [first, [at, price]] : [[at, price]];
    if (drawing === 'line' && first === null) {
      first = [at, price];
      return;
    }
    drawing = null;
    first = null;
    await ask('POST', 'drawings', { chart: bench.chartKey, points });
    await bench.loadDrawings();
  }

  async function rub() {
    const own = bench.drawings.filter((one) => one.chart === bench.chartKey);
    await Promise.all(own.map((one) => ask('DELETE', `drawings/${one.id}`)));
    await bench.loadDrawings();
  }

  function changed() {
    bench.candles = bench.chart?.interval ?? bench.candles;
    bench.preview = null;
    bench.view = null;
    bench.draw().catch(tell);
  }

  const holds = $derived(bench.view?.condition ?? null);
</script>

<svelte:window
  onhashchange={fromAddress}
  ondragover={(event) => event.preventDefault()}
  ondrop={(event) => {
    event.preventDefault();
    const text = event.dataTransfer?.getData('text/plain') || event.dataTransfer?.getData('text/uri-list') || '';
    if (text !== '') take(text).catch(tell);
  }}
/>

<div class="mx-auto flex max-w-[1600px] flex-col gap-2 p-2">
  <header class="sheet flex flex-wrap items-center gap-x-4 gap-y-1 px-3 py-1.5">
    <h1 class="text-lg font-bold italic">Bench</h1>
    <span class="quiet">made-up prices, to practise on</span>
    <select class="select w-72 select-sm" bind:value={bench.chartKey} onchange={changed} aria-label="Chart">
      {#each bench.lists?.charts ?? [] as chart (chart.key)}<option value={chart.key}
          >{chart.symbol} · {chart.kind}, {chart.venue.replace('_', ' ')}</option
        >{/each}
    </select>
    <select
      class="select w-24 select-sm"
      bind:value={bench.candles}
      onchange={changed}
      disabled={bench.chart?.interval != null}
      aria-label="Candles of"
    >
      {#each bench.lists?.intervals ?? [] as interval (interval.name)}<option>{interval.name}</option>{/each}
    </select>
    <select class="select w-32 select-sm" bind:value={bench.count} onchange={changed} aria-label="How many">
      {#each COUNTS as count (count)}<option value={count}>{count} candles</option>{/each}
    </select>
    <div class="ml-auto"><ClockBar /></div>
  </header>

  {#if bench.trouble}<p class="sheet px-3 py-1 text-error" role="alert">{bench.trouble}</p>{/if}

  <div class="grid gap-2 lg:grid-cols-[minmax(0,1fr)_23rem]">
    <main class="sheet flex min-w-0 flex-col gap-1 p-2">
      <div class="flex flex-wrap items-center gap-2">
        <Studies />
        <span class="ml-auto flex gap-1">
          {#each ['level', 'line'] as const as kind (kind)}<button
              type="button"
              class="btn btn-xs {drawing === kind ? 'btn-neutral' : ''}"
              aria-pressed={drawing === kind}
              onclick={() => {
                drawing = drawing === kind ? null : kind;
                first = null;
              }}>Draw a {kind}</button
            >{/each}
          {#if bench.drawings.some((one) => one.chart === bench.chartKey)}<button
              type="button"
              class="btn btn-xs"
              onclick={() => void rub()}>Rub out</button
            >{/if}
        </span>
      </div>
      {#if drawing}<p class="quiet" role="status">
          {drawing === 'line' && first
            ? 'Now the second point.'
            : `Click on the chart where the ${drawing} ${drawing === 'line' ? 'begins' : 'lies'}.`}
        </p>{/if}
      <Chart onpoint={drawing ? (at, price) => void point(at, price).catch(tell) : null} />
      <p class="min-h-6 px-1" role="status">
        {#if holds}
          {@const always = holds.per_day > 3 * holds.begins_per_day}
          <span class="text-accent">●</span>
          {holds.words}: holds on <b class="figure">{holds.per_day}</b> candles a day,
          <span class={always ? 'font-bold text-warning' : ''}
            >becomes true <b class="figure">{holds.begins_per_day}</b> times a day{always
              ? ': an alert at each close repeats itself while it holds'
              : ''}</span
          >
        {:else}
          <span class="quiet">Add a term under Conditions: the chart marks each candle on which it holds.</span>
        {/if}
      </p>
    </main>
    <aside
      class="sheet flex min-w-0 flex-col gap-2 self-start p-2 lg:sticky lg:top-2 lg:max-h-[calc(100vh-5rem)] lg:overflow-y-auto"
    >
      <div class="flex gap-1" role="tablist">
        {#each TABS as one (one)}<button
            type="button"
            role="tab"
            class="btn btn-xs {tab === one ? 'btn-neutral' : ''}"
            aria-selected={tab === one}
            onclick={() => (tab = one)}
            >{one}{one === 'Alerts' && bench.alerts.length > 0 ? ` ${bench.alerts.length}` : ''}</button
          >{/each}
      </div>
      {#if tab === 'Conditions'}<Conditions />{:else if tab === 'Scripts'}<Scripts />{:else if tab === 'Alerts'}<Alerts
          bind:slip
        />{:else}<Data />{/if}
    </aside>
  </div>
</div>
