<script lang="ts">
  import type { Inlet, Rules } from '../api/client';
  import Sentences from '../shared/Sentences.svelte';

  type Together = NonNullable<Rules['together']>;
  type Props = { together: Together | null; inlets: Inlet[]; errors: string[] };
  let { together = $bindable(), inlets, errors }: Props = $props();

  const begun: Together = {
    needs: 2,
    within: 900,
    signals: [
      { name: 'first', kind: 'state', label: null, symbol: null, inlet_id: null },
      { name: 'second', kind: 'pulse', label: null, symbol: null, inlet_id: null },
    ],
  };
  const text = (given: string) => (given.trim() === '' ? null : given.trim());

  function another() {
    if (together === null) return;
    const signal = {
      name: `signal ${together.signals.length + 1}`,
      kind: 'pulse' as const,
      label: null,
      symbol: null,
      inlet_id: null,
    };
    together.signals = [...together.signals, signal];
  }
</script>

<label class="flex items-center gap-2 text-sm font-semibold"
  ><input
    type="checkbox"
    class="checkbox checkbox-sm"
    bind:checked={() => together !== null, (on: boolean) => (together = on ? structuredClone(begun) : null)}
  />Wait for several signals before anything is opened</label
>
{#if together !== null}
  <div class="flex flex-wrap items-center gap-2 text-sm">
    <input
      class="input figure w-16"
      type="number"
      min="1"
      max="12"
      required
      aria-label="How many are needed"
      bind:value={together.needs}
    />
    of these {together.signals.length} for the same side; a pulse is true for
    <input
      class="input figure w-24"
      type="number"
      min="1"
      required
      aria-label="Seconds of a pulse"
      bind:value={together.within}
    /> seconds
  </div>
  {#each together.signals as signal, i (i)}
    <div class="grid grid-cols-2 items-center gap-2 text-sm sm:grid-cols-[1fr_11rem_1fr_1fr_1fr_auto]">
      <input
        class="input w-full"
        placeholder="name"
        required
        maxlength="40"
        aria-label="Name of signal {i + 1}"
        bind:value={signal.name}
      />
      <select class="select w-full" aria-label="Kind of signal {i + 1}" bind:value={signal.kind}
        ><option value="pulse">pulse: for a while</option><option value="state">state: till the opposite</option></select
      >
      <select
        class="select w-full"
        aria-label="Inlet of signal {i + 1}"
        bind:value={() => signal.inlet_id ?? 0, (id: number) => (signal.inlet_id = id === 0 ? null : id)}
        ><option value={0}>any inlet</option>{#each inlets as inlet (inlet.id)}<option value={inlet.id}>{inlet.name}</option
          >{/each}</select
      >
      <input
        class="input w-full"
        placeholder="any symbol"
        aria-label="Symbol of signal {i + 1}"
        bind:value={() => signal.symbol ?? '', (given: string) => (signal.symbol = text(given))}
      />
      <input
        class="input w-full"
        placeholder="any label"
        aria-label="Label of signal {i + 1}"
        bind:value={() => signal.label ?? '', (given: string) => (signal.label = text(given))}
      />
      <button
        type="button"
        class="btn btn-ghost btn-sm"
        aria-label="Remove signal {i + 1}"
        disabled={together.signals.length < 2}
        onclick={() => together && (together.signals = together.signals.filter((_, at) => at !== i))}>✕</button
      >
    </div>
  {/each}
  <div>
    <button type="button" class="btn btn-sm" disabled={together.signals.length >= 12} onclick={another}>Another signal</button>
  </div>
{/if}
<Sentences {errors} />
