<script lang="ts">
  import Field from '../shared/Field.svelte';
  import { afterLimit } from './guards';

  type Then = keyof typeof afterLimit;
  type Loss = { amount: string; then: Then | undefined };
  type Props = {
    label: string;
    hint: string;
    errors: string[];
    example: string;
    /** Of the amount, and of what it does. */
    names: [string, string];
    /** Whether it can do something by itself. */
    acts: boolean;
    loss: Loss | null | undefined;
  };
  let { label, hint, errors, example, names, acts, loss = $bindable() }: Props = $props();

  const ways = Object.entries(afterLimit);
</script>

<Field {label} {hint} {errors}
  ><span class="flex gap-1"
    ><input
      class="input figure w-full"
      inputmode="decimal"
      pattern="[0-9]+(\.[0-9]+)?"
      title={example}
      placeholder="any"
      aria-label={names[0]}
      bind:value={() => loss?.amount ?? '', (amount: string) => (loss = amount === '' ? null : { amount, then: loss?.then })}
    />{#if acts}<select
        class="select w-full"
        aria-label={names[1]}
        disabled={!loss}
        bind:value={() => loss?.then ?? 'refuse', (then: Then) => loss && (loss = { ...loss, then })}
        >{#each ways as [value, words] (value)}<option {value}>{words}</option>{/each}</select
      >{/if}</span
  ></Field
>
