<script lang="ts">
  import type { Rules } from '../api/client';
  import Field from '../shared/Field.svelte';
  import { ruleWords } from './words';

  type Size = Rules['size'];
  type Props = { size: Size; errors: string[] };
  let { size = $bindable(), errors }: Props = $props();

  const units: Record<Size['rule'], string> = {
    fixed_units: 'units',
    fixed_money: 'USD, the value of the position',
    percent_of_equity: '% of all the money in the account',
    from_message: '',
  };
  const usual: Record<Size['rule'], string> = { fixed_units: '1', fixed_money: '100', percent_of_equity: '2', from_message: '' };

  function choose(rule: Size['rule']) {
    size = rule === 'from_message' ? { rule } : { rule, amount: usual[rule] };
  }
</script>

<div class="grid gap-3 sm:grid-cols-2">
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
</div>
