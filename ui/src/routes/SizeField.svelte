<script lang="ts">
  import type { Rules } from '../api/client';
  import Field from '../shared/Field.svelte';
  import { ruleWords } from './words';

  type Size = Rules['size'];
  type Props = { size: Size; errors: string[]; compact?: boolean };
  let { size = $bindable(), errors, compact = false }: Props = $props();

  const units: Record<Size['rule'], string> = {
    fixed_units: 'units',
    fixed_money: 'USD, the value of the position',
    percent_of_equity: '% of all the money in the account',
    percent_of_free: '% of what is free when the signal comes',
    percent_of_allocation: '% of the money that the account sets aside for this route',
    percent_at_risk: '% of all the money, lost when the stop is hit',
    from_message: '',
  };
  const usual: Record<Size['rule'], string> = {
    fixed_units: '1',
    fixed_money: '100',
    percent_of_equity: '2',
    percent_of_free: '5',
    percent_of_allocation: '20',
    percent_at_risk: '1',
    from_message: '',
  };

  const without = ({ rule, amount }: Size): Size => (amount === undefined ? { rule } : { rule, amount });

  function choose(rule: Size['rule']) {
    const kept = size.multiplier === undefined ? {} : { multiplier: size.multiplier };
    size = rule === 'from_message' ? { rule, ...kept } : { rule, amount: usual[rule], ...kept };
  }
</script>

<div class="grid gap-3 {compact ? 'sm:grid-cols-3' : 'sm:grid-cols-[1fr_1fr_8rem]'}">
  <Field label="Rule" {errors}>
    <select class="select w-full" bind:value={() => size.rule, choose}>
      {#each Object.entries(ruleWords) as [value, words] (value)}<option {value}>{words}</option>{/each}
    </select>
  </Field>
  {#if size.rule !== 'from_message'}
    <Field label="Amount" hint={units[size.rule]}
      ><input
        class="input figure w-full"
        bind:value={size.amount}
        required
        inputmode="decimal"
        pattern="[0-9]+(\.[0-9]+)?"
        title="A number such as 2.5"
      /></Field
    >
  {:else}
    <p class="quiet self-end pb-2 text-sm">The message's “size”: units, money or percent. A message without one is refused.</p>
  {/if}
  <Field label="Times" hint={compact ? '' : 'A factor; 1 if empty.'}
    ><input
      class="input figure w-full"
      inputmode="decimal"
      placeholder="1"
      pattern="[0-9]+(\.[0-9]+)?"
      title="A number such as 0.5"
      bind:value={
        () => size.multiplier ?? '', (text: string) => (size = text === '' ? without(size) : { ...size, multiplier: text })
      }
    /></Field
  >
</div>
