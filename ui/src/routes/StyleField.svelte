<script lang="ts">
  import type { OrderPrice, OrderStyle } from '../api/client';
  import { typeWords } from '../blotter/words';
  import Field from '../shared/Field.svelte';
  import PriceField from './PriceField.svelte';
  import { timeWords } from './words';

  type Props = { style: OrderStyle; name: string; opens: boolean; errors: string[] };
  let { style = $bindable(), name, opens, errors }: Props = $props();

  const hasLimit = $derived(style.type === 'limit' || style.type === 'stop_limit');
  const hasTrigger = $derived(style.type === 'stop' || style.type === 'stop_limit');
  const begun = (at: OrderPrice['at']): OrderPrice => ({ at });

  function choose(type: OrderStyle['type']) {
    style = {
      type,
      ...(type === 'limit' || type === 'stop_limit' ? { limit: style.limit ?? begun('own_side') } : {}),
      ...(type === 'stop' || type === 'stop_limit' ? { trigger: style.trigger ?? begun('message') } : {}),
      ...(style.slices ? { slices: style.slices } : {}),
      ...(type !== 'market' && style.cancel_after ? { cancel_after: style.cancel_after } : {}),
    };
  }

  const canChase = $derived(style.type === 'limit' && (style.time_in_force ?? 'gtc') === 'gtc' && style.limit?.at !== 'message');
  const chase = $derived(style.chase ?? null);
  const slices = $derived(style.slices ?? null);

  /** A whole number, or nothing. */
  const seconds = (text: string): number | null => (/^[1-9][0-9]{0,6}$/.test(text) ? Number(text) : null);
</script>

<fieldset class="flex flex-col gap-3">
  <div class="grid gap-3 sm:grid-cols-3">
    <Field label={name} {errors}>
      <select class="select w-full" bind:value={() => style.type, choose}>
        {#each Object.entries(typeWords) as [value, words] (value)}<option {value}>{words}</option>{/each}
      </select>
    </Field>
    {#if style.type === 'market' && opens}
      <Field label="Slippage at most" hint="% worse than the message's price; empty: any."
        ><input
          class="input figure w-full"
          inputmode="decimal"
          placeholder="any"
          pattern="[0-9]+(\.[0-9]+)?"
          title="A percentage such as 0.3"
          bind:value={() => style.slippage ?? '', (text: string) => (style = { ...style, slippage: text === '' ? null : text })}
        /></Field
      >
    {/if}
    {#if style.type === 'limit'}
      <Field label="Time in force">
        <select
          class="select w-full"
          bind:value={() => style.time_in_force ?? 'gtc', (time) => (style = { ...style, time_in_force: time })}
        >
          {#each Object.entries(timeWords) as [value, words] (value)}<option {value}>{words}</option>{/each}
        </select>
      </Field>
    {/if}
    {#if style.type !== 'market'}
      <Field label="Take back after" hint="Seconds; empty: never."
        ><input
          class="input figure w-full"
          inputmode="numeric"
          placeholder="never"
          pattern="[1-9][0-9]*"
          title="Whole seconds, such as 300"
          bind:value={
            () => String(style.cancel_after ?? ''), (text: string) => (style = { ...style, cancel_after: seconds(text) })
          }
        /></Field
      >
    {/if}
  </div>
  {#if hasTrigger}<PriceField
      label="Trigger"
      away="further away"
      bind:price={() => style.trigger ?? begun('message'), (trigger) => (style = { ...style, trigger })}
    />{/if}
  {#if hasLimit}<PriceField
      label="Limit"
      away="better"
      bind:price={() => style.limit ?? begun('own_side'), (limit) => (style = { ...style, limit })}
    />{/if}
  {#if style.type === 'limit' && (style.time_in_force ?? 'gtc') === 'gtc'}
    <label class="flex items-center gap-2 text-sm font-semibold"
      ><input
        type="checkbox"
        class="checkbox checkbox-sm"
        bind:checked={() => style.post_only ?? false, (on: boolean) => (style = { ...style, post_only: on })}
      />Post only: refused rather than filled at once, so that the maker fee is paid</label
    >
  {/if}
  <label class="flex items-center gap-2 text-sm font-semibold"
    ><input
      type="checkbox"
      class="checkbox checkbox-sm"
      bind:checked={() => slices !== null, (on: boolean) => (style = { ...style, slices: on ? { count: 5, over: 60 } : null })}
    />In slices over a time</label
  >
  {#if slices !== null}
    <div class="grid gap-3 sm:grid-cols-3">
      <Field label="Slices" hint="2 to 50, all the same."
        ><input class="input figure w-full" type="number" min="2" max="50" required bind:value={slices.count} /></Field
      >
      <Field label="Over" hint="Seconds from the first to the last."
        ><input class="input figure w-full" type="number" min="1" max="86400" required bind:value={slices.over} /></Field
      >
    </div>
  {/if}
  {#if canChase}
    <label class="flex items-center gap-2 text-sm font-semibold"
      ><input
        type="checkbox"
        class="checkbox checkbox-sm"
        bind:checked={
          () => chase !== null, (on: boolean) => (style = { ...style, chase: on ? { times: 3, every: 5, then: 'market' } : null })
        }
      />Goes after the market: priced anew when it is not filled</label
    >
    {#if chase !== null}
      <div class="grid gap-3 sm:grid-cols-3">
        <Field label="Priced anew" hint="Times, 1 to 50."
          ><input class="input figure w-full" type="number" min="1" max="50" required bind:value={chase.times} /></Field
        >
        <Field label="Each price is given" hint="Seconds."
          ><input class="input figure w-full" type="number" min="1" max="3600" required bind:value={chase.every} /></Field
        >
        <Field label="Then">
          <select class="select w-full" bind:value={chase.then}
            ><option value="market">at market</option><option value="give_up">given up</option></select
          >
        </Field>
      </div>
    {/if}
  {/if}
</fieldset>
