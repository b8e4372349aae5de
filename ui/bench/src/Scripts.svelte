<script lang="ts">
  import { untrack } from 'svelte';
  import { ask, type Parameters, type Previewed, type RunningScript, type ScriptEvent } from './api';
  import Attempted from './Attempted.svelte';
  import { bench } from './bench.svelte';
  import { moment, plain, signed } from './format';
  import Numbers from './Numbers.svelte';
  import Summary from './Summary.svelte';
  import Terms, { type TermsOf } from './Terms.svelte';
  import TradeThese from './TradeThese.svelte';

  let chosen = $state('average_cross');
  let parameters = $state<Parameters>({});
  let terms = $state<TermsOf>({ size: '1', fee: '0.05', slippage: 1 });
  let opened = $state<number | null>(null);
  let events = $state<ScriptEvent[]>([]);
  let ledger = $state.raw<Previewed | null>(null);
  /** Whether the marks on the chart are those of a running script. */
  let shown = $state(false);

  const kind = $derived(bench.lists?.scripts[chosen]);

  function choose() {
    const usual = Object.entries(kind?.parameters ?? {}).map(([name, parameter]) => [name, parameter.usual]);
    parameters = Object.fromEntries(usual);
    if (chosen === 'grid') {
      const last = bench.view?.close.at(-1) ?? 1;
      parameters = {
        ...parameters,
        low: Number((last * 0.98).toFixed(bench.digits)),
        high: Number((last * 1.02).toFixed(bench.digits)),
      };
    }
    bench.preview = null;
  }
  $effect(() => {
    void chosen;
    void bench.chartKey;
    untrack(() => shown || choose());
  });

  const what = () => ({
    script: chosen,
    parameters: $state.snapshot(parameters),
    chart: bench.chartKey,
    candles: bench.candles,
    count: bench.count,
    ...$state.snapshot(terms),
  });

  async function look() {
    shown = false;
    bench.preview = await ask<Previewed>('POST', 'preview', what());
  }

  async function run() {
    await ask('POST', 'scripts', what());
    await bench.loadKept();
  }

  const stop = async (script: RunningScript) => {
    await ask('DELETE', `scripts/${script.id}`);
    await bench.loadKept();
  };

  async function open(script: RunningScript) {
    opened = opened === script.id ? null : script.id;
    events = opened === null ? [] : (await ask<{ events: ScriptEvent[] }>('GET', `scripts/${script.id}/events`)).events;
    ledger = opened === null ? null : await ask<Previewed>('GET', `scripts/${script.id}/ledger`);
  }

  /** Its own chart, with all that it did. */
  async function show(script: RunningScript) {
    shown = true;
    bench.chartKey = script.chart;
    bench.candles = script.candles;
    bench.preview = ledger;
    await bench.draw();
  }
</script>

<div class="flex flex-col gap-2">
  <select class="select w-full select-sm" bind:value={chosen} aria-label="Script">
    {#each Object.entries(bench.lists?.scripts ?? {}) as [name, one] (name)}<option value={name}>{one.label}</option>{/each}
  </select>
  <p class="quiet">{kind?.says}</p>
  {#if kind}<Numbers kinds={kind.parameters} bind:values={parameters} onchange={() => (bench.preview = null)} />{/if}
  <Terms bind:terms />
  <div class="flex flex-wrap gap-2">
    <Attempted primary work={look}>Preview</Attempted>
    <Attempted work={run}>Run it from now on</Attempted>
  </div>
  {#if bench.preview && !shown}<Summary preview={bench.preview} /><TradeThese
      {what}
      usualName="{kind?.label}, {bench.chart?.symbol}"
    />{/if}

  <h2 class="mt-2 border-b border-base-300 font-bold">Running</h2>
  {#if bench.scripts.length === 0}<p class="quiet">
      None. A script that runs shows what it holds; an alert on it sends its orders.
    </p>{/if}
  <ul>
    {#each bench.scripts as script (script.id)}
      <li class="border-b border-base-300 py-1.5">
        <div class="flex items-baseline gap-2">
          <button
            type="button"
            class="cursor-pointer text-left font-bold"
            aria-expanded={opened === script.id}
            onclick={() => void open(script)}>{script.label}</button
          >
          <span class="ml-auto {script.state === 'running' ? '' : 'text-error'}">{script.state}</span>
        </div>
        <p class="quiet">{script.symbol}, {script.candles}, since {moment(script.since, false)}</p>
        <p class="figure">holds {plain(script.position)}, made {signed(script.money)}</p>
        {#if opened === script.id}
          <Attempted small work={() => show(script)}>Show it on its chart</Attempted>
          {#if script.state === 'running'}<Attempted small work={() => stop(script)}>Stop it, and its alerts</Attempted>{/if}
          {#if ledger}<Summary preview={ledger} />{/if}
          <table class="figure w-full">
            <tbody>
              {#each events as event (event.id)}<tr class="border-t border-base-300"
                  ><td>{moment(event.at).slice(5)}</td><td>{event.kind.replace('_', ' ')} {event.side} {plain(event.size)}</td><td
                    class="text-right">{plain(event.price)}</td
                  ><td class="text-right">holds {plain(event.position)}</td></tr
                >{:else}<tr><td class="quiet">Nothing yet.</td></tr>{/each}
            </tbody>
          </table>
        {/if}
      </li>
    {/each}
  </ul>
</div>
