<script lang="ts">
  import type { Condition, Operand } from './api';
  import { bench } from './bench.svelte';

  /** Terms joined by "and" or by "or"; each compares prices, studies on the chart, drawings or numbers. */
  type Props = { label: string; condition: Condition; onchange: () => void };
  let { label, condition = $bindable(), onchange }: Props = $props();

  const NUMBER = 'number';
  const same = (one: Operand, other: Operand) => JSON.stringify(one) === JSON.stringify(other);
  const choice = (operand: Operand): string => {
    const i = bench.operands.findIndex((one) => same(one.operand, operand));
    return i < 0 ? NUMBER : String(i);
  };

  function add() {
    const study = bench.operands.find((one) => 'study' in one.operand)?.operand;
    const last = bench.view?.close.at(-1) ?? 1;
    condition.terms.push({ left: { price: 'close' }, is: 'crosses_up', right: study ?? { number: last } });
    onchange();
  }

  function choose(i: number, side: 'left' | 'right', value: string) {
    const term = condition.terms[i];
    if (term === undefined) return;
    term[side] =
      value === NUMBER ? { number: bench.view?.close.at(-1) ?? 1 } : (bench.operands[Number(value)]?.operand ?? term[side]);
    onchange();
  }

  function setNumber(i: number, side: 'left' | 'right', value: string) {
    const term = condition.terms[i];
    if (term === undefined || value.trim() === '' || !Number.isFinite(Number(value))) return;
    term[side] = { number: Number(value) };
    onchange();
  }
</script>

{#snippet operand(i: number, side: 'left' | 'right', value: Operand)}
  <select
    class="select min-w-0 flex-1 select-xs"
    aria-label="{label}, term {i + 1}, {side}"
    value={choice(value)}
    onchange={(event) => choose(i, side, event.currentTarget.value)}
  >
    {#each bench.operands as one, n (n)}<option value={String(n)}>{one.label}</option>{/each}
    <option value={NUMBER}>a number</option>
  </select>
  {#if 'number' in value && choice(value) === NUMBER}
    <input
      class="input figure input-xs w-24"
      value={value.number}
      inputmode="decimal"
      aria-label="{label}, term {i + 1}, number"
      onchange={(event) => setNumber(i, side, event.currentTarget.value)}
    />
  {/if}
{/snippet}

<fieldset class="flex flex-col gap-1.5" aria-label={label}>
  {#each condition.terms as term, i (i)}
    {#if i > 0}
      <select class="select w-20 select-xs" bind:value={condition.join} {onchange} aria-label="{label}: joined by"
        ><option value="and">and</option><option value="or">or</option></select
      >
    {/if}
    <div class="flex flex-col gap-1 border-l-2 border-base-300 pl-2">
      <div class="flex items-center gap-1">
        {@render operand(i, 'left', term.left)}
        <button
          type="button"
          class="quiet cursor-pointer px-1"
          aria-label="{label}: remove term {i + 1}"
          onclick={() => {
            condition.terms.splice(i, 1);
            onchange();
          }}>×</button
        >
      </div>
      <div class="flex items-center gap-1">
        <select class="select w-32 shrink-0 select-xs" bind:value={term.is} {onchange} aria-label="{label}, term {i + 1}, is">
          {#each Object.keys(bench.lists?.comparisons ?? {}) as one (one)}<option value={one}>{one.replace('_', ' ')}</option
            >{/each}
        </select>
        {#if bench.lists?.comparisons[term.is]}{@render operand(i, 'right', term.right)}{/if}
      </div>
    </div>
  {/each}
  <button type="button" class="btn self-start btn-xs" onclick={add}>+ term</button>
</fieldset>
