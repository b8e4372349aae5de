<script lang="ts">
  import { ask, type Previewed } from './api';
  import Attempted from './Attempted.svelte';
  import { bench } from './bench.svelte';
  import ConditionField from './ConditionField.svelte';
  import Summary from './Summary.svelte';
  import Terms, { type TermsOf } from './Terms.svelte';
  import TradeThese from './TradeThese.svelte';

  let terms = $state<TermsOf>({ size: '1', fee: '0.05', slippage: 1 });
  const isWhole = $derived(bench.enter.terms.length > 0 && bench.exit.terms.length > 0);

  const what = () => ({
    chart: bench.chartKey,
    candles: bench.candles,
    count: bench.count,
    side: bench.side,
    enter: $state.snapshot(bench.enter),
    exit: $state.snapshot(bench.exit),
    ...$state.snapshot(terms),
  });

  async function look() {
    bench.preview = await ask<Previewed>('POST', 'preview', what());
  }

  const changed = (which: 'enter' | 'exit') => {
    bench.marked = which;
    bench.preview = null;
    void bench.draw();
  };
</script>

<div class="flex flex-col gap-3">
  {#each ['enter', 'exit'] as const as which (which)}
    <div class="flex flex-col gap-1">
      <h2 class="flex items-baseline gap-2 border-b border-base-300 font-bold">
        {which === 'enter' ? 'Get in' : 'Get out'}
        {#if which === 'enter'}<select class="select w-20 select-xs font-normal" bind:value={bench.side} aria-label="Side"
            ><option>long</option><option>short</option></select
          >{/if}
        <label class="ml-auto flex items-center gap-1 font-normal"
          ><input
            type="radio"
            class="radio radio-xs"
            name="marked"
            checked={bench.marked === which}
            onchange={() => changed(which)}
          />on the chart</label
        >
      </h2>
      <ConditionField
        label={which === 'enter' ? 'Get in' : 'Get out'}
        bind:condition={() => bench[which], (value) => (bench[which] = value)}
        onchange={() => changed(which)}
      />
    </div>
  {/each}
  <Terms bind:terms />
  <div class="flex flex-wrap gap-2">
    <Attempted primary work={look} disabled={!isWhole}>Preview the pair</Attempted>
    {#if !isWhole}<p class="quiet w-full">A pair needs a term for getting in and one for getting out.</p>{/if}
  </div>
  {#if bench.preview && isWhole}<Summary preview={bench.preview} /><TradeThese
      {what}
      usualName="{bench.chart?.symbol} {bench.side}, by two alerts"
    />{/if}
</div>
