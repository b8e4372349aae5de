<script lang="ts">
  import { ask, type Alert, type Condition, type Slip } from './api';
  import Attempted from './Attempted.svelte';
  import { bench } from './bench.svelte';

  /** An alert to be made, perhaps from a slip that was pasted. */
  type Props = { slip: Slip | null; ondone: (alert: Alert | null) => void };
  let { slip, ondone }: Props = $props();

  type Source = 'enter' | 'exit' | `script-${number}`;
  const guess = (): Source => {
    const script = bench.scripts.find((one) => one.state === 'running' && (slip?.charts ?? []).includes(one.chart));
    if (slip?.is_script && script) return `script-${script.id}`;
    return slip !== null && /\bexit\b/i.test(slip.name) ? 'exit' : 'enter';
  };
  // svelte-ignore state_referenced_locally
  let draft = $state({
    name: slip?.name ?? '',
    message: slip?.message ?? '',
    address: slip?.address ?? '',
    mail: '',
    expires: slip?.expires ?? '',
    firing: slip?.firing ?? 'at_the_close',
  });
  let source = $state<Source>(guess());

  const condition = $derived<Condition | null>(source === 'enter' ? bench.enter : source === 'exit' ? bench.exit : null);
  const words = (of: Condition) =>
    of.terms.length === 0 ? 'not drawn up yet' : `${of.terms.length} term${of.terms.length > 1 ? 's' : ''}`;

  async function make() {
    if (condition !== null && condition.terms.length === 0)
      throw new Error(`Say first when it fires: add a term to “${source === 'enter' ? 'Get in' : 'Get out'}” under Conditions.`);
    const alert = await ask<Alert>('POST', 'alerts', {
      ...$state.snapshot(draft),
      chart: bench.chartKey,
      candles: bench.candles,
      ...(condition === null ? { script_id: Number(source.slice('script-'.length)) } : { condition: $state.snapshot(condition) }),
    });
    await bench.loadKept();
    ondone(alert);
  }
</script>

<form class="flex flex-col gap-2" aria-label="New alert" onsubmit={(event) => event.preventDefault()}>
  <label class="flex flex-col">Name <input class="input input-sm w-full" bind:value={draft.name} /></label>
  <label class="flex flex-col"
    >Fires by
    <select class="select w-full select-sm" bind:value={source} aria-label="Fires by">
      <option value="enter">“Get in” on {bench.chart?.symbol}, {bench.candles}: {words(bench.enter)}</option>
      <option value="exit">“Get out” on {bench.chart?.symbol}, {bench.candles}: {words(bench.exit)}</option>
      {#each bench.scripts.filter((one) => one.state === 'running') as script (script.id)}<option value="script-{script.id}"
          >each order of {script.label} on {script.symbol}</option
        >{/each}
    </select></label
  >
  {#if slip?.is_script && condition !== null}
    <p class="text-warning">
      This slip passes on the orders of a script: run one on its chart under Scripts, and choose it here. What you have filled in
      stays.
    </p>
  {/if}
  {#if condition !== null}
    <label class="flex flex-col"
      >When
      <select class="select w-full select-sm" bind:value={draft.firing} aria-label="When"
        >{#each bench.lists?.firings ?? [] as one (one.name)}<option value={one.name}>{one.words}</option>{/each}</select
      ></label
    >
  {/if}
  <label class="flex flex-col"
    >Message <textarea class="textarea figure w-full textarea-sm" rows="5" bind:value={draft.message}></textarea></label
  >
  <p class="quiet">
    Filled in: <span class="figure"
      >{[...(bench.lists?.placeholders.chart ?? []), ...(condition === null ? (bench.lists?.placeholders.order ?? []) : [])]
        .map((name) => `\${${name}}`)
        .join(' ')}</span
    >
  </p>
  <label class="flex flex-col">To the web address <input class="input figure input-sm w-full" bind:value={draft.address} /></label
  >
  <label class="flex flex-col">To the mail address <input class="input figure input-sm w-full" bind:value={draft.mail} /></label>
  <label class="flex items-center gap-2"
    >Expires after <input type="date" class="input figure input-sm w-40" bind:value={draft.expires} /></label
  >
  <div class="flex flex-wrap gap-2">
    <Attempted primary work={make}>Set the alert</Attempted>
    <button type="button" class="btn btn-sm" onclick={() => ondone(null)}>Not now</button>
  </div>
</form>
