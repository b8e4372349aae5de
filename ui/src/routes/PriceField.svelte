<script lang="ts">
  import type { OrderPrice } from '../api/client';
  import Field from '../shared/Field.svelte';
  import { priceHints, priceWords } from './words';

  type Props = { label: string; away: string; price: OrderPrice };
  let { label, away, price = $bindable() }: Props = $props();

  function choose(at: OrderPrice['at']) {
    price = at === 'expression' ? { at, expression: price.expression ?? 'price' } : { at, ...offset() };
  }

  const offset = (): Partial<OrderPrice> =>
    price.offset === undefined ? {} : { offset: price.offset, unit: price.unit ?? 'ticks' };

  function setOffset(text: string) {
    price = text === '' ? { at: price.at } : { at: price.at, offset: text, unit: price.unit ?? 'ticks' };
  }
</script>

<div class="grid gap-3 sm:grid-cols-3">
  <Field label="{label} at" hint={priceHints[price.at]}>
    <select class="select w-full" bind:value={() => price.at, choose}>
      {#each Object.entries(priceWords) as [value, words] (value)}<option {value}>{words}</option>{/each}
    </select>
  </Field>
  {#if price.at === 'expression'}
    <div class="sm:col-span-2">
      <Field
        label="Expression for the {label.toLowerCase()}"
        hint="Of price, bid, ask, tick and average: min(price, bid) - 2 * tick"
        ><input class="input figure w-full" bind:value={price.expression} required maxlength="300" /></Field
      >
    </div>
  {:else}
    <Field label="Offset of the {label.toLowerCase()}" hint="Positive is {away}; empty: none.">
      <span class="flex gap-1">
        <input
          class="input figure w-full"
          inputmode="decimal"
          placeholder="none"
          pattern="-?[0-9]+(\.[0-9]+)?"
          title="A number such as 2 or -0.1"
          bind:value={() => price.offset ?? '', setOffset}
        />
        <select
          class="select w-28"
          aria-label="Unit of the {label.toLowerCase()}'s offset"
          bind:value={() => price.unit ?? 'ticks', (unit) => (price = { ...price, offset: price.offset ?? '0', unit })}
          ><option value="ticks">ticks</option><option value="percent">%</option></select
        >
      </span>
    </Field>
  {/if}
</div>
