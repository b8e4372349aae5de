<script lang="ts">
  import { onMount } from 'svelte';
  import type { Guards } from '../api/client';
  import Field from '../shared/Field.svelte';
  import { amounts, counts } from './guards';
  import Sentences from '../shared/Sentences.svelte';
  import LossField from './LossField.svelte';
  import WindowField from './WindowField.svelte';

  type Props = { guards: Guards; whose: 'route' | 'account'; of: (field: string) => string[]; instruments?: string[] };
  let { guards = $bindable(), whose, of, instruments = [] }: Props = $props();

  let field = $state<HTMLElement>();

  /** A refusal in the journal leads here. */
  onMount(() => {
    if (location.hash === '#guards') field?.scrollIntoView({ block: 'center' });
  });

  const zones = Intl.supportedValuesOf('timeZone');
  const set = (parts: Partial<Guards>) => (guards = { ...guards, ...parts });
  const errors = (key: string) => [...of(key), ...Object.values([of(`${key}.money`), of(`${key}.percent`)]).flat()];
</script>

<div class="flex flex-col gap-3" id="guards" bind:this={field}>
  <WindowField bind:window={() => guards.window ?? null, (window) => set({ window })} />
  <Sentences errors={errors('window')} />
  <div class="grid gap-3 sm:grid-cols-3">
    <Field label="Open positions, at most" hint="First come, first served." errors={of('positions')}
      ><input
        class="input figure w-full"
        type="number"
        min="1"
        placeholder="any"
        bind:value={
          () => guards.positions ?? null,
          (positions: number | null) => set(positions === null ? { positions, queue_for: null } : { positions })
        }
      /></Field
    >
    <Field label="The rest waits, seconds" hint="Empty: it is refused." errors={of('queue_for')}
      ><input
        class="input figure w-full"
        type="number"
        min="1"
        placeholder="refused"
        disabled={!guards.positions}
        bind:value={() => guards.queue_for ?? null, (queue_for: number | null) => set({ queue_for })}
      /></Field
    >
    {#each counts as one (one.key)}
      <Field label={one.label} hint={one.hint} errors={of(one.key)}
        ><input
          class="input figure w-full"
          type="number"
          min="1"
          placeholder="any"
          bind:value={() => guards[one.key] ?? null, (value: number | null) => set({ [one.key]: value })}
        /></Field
      >
    {/each}
    {#each amounts as one (one.key)}
      <Field label={one.label} hint={one.hint} errors={of(one.key)}
        ><input
          class="input figure w-full"
          inputmode="decimal"
          pattern="[0-9]+(\.[0-9]+)?"
          title="A number such as 1.5"
          placeholder="any"
          bind:value={() => guards[one.key] ?? '', (value: string) => set({ [one.key]: value === '' ? null : value })}
        /></Field
      >
    {/each}
    <Field label="Losses in a row, then rest" hint="So many, then so many seconds." errors={errors('losses_in_row')}
      ><span class="flex gap-1"
        ><input
          class="input figure w-full"
          type="number"
          min="1"
          placeholder="any"
          aria-label="Losses in a row"
          bind:value={
            () => guards.losses_in_row?.count ?? null,
            (count: number | null) =>
              set({ losses_in_row: count === null ? null : { count, rest: guards.losses_in_row?.rest ?? 3600 } })
          }
        /><input
          class="input figure w-full"
          type="number"
          min="1"
          aria-label="Seconds of rest after losses"
          disabled={!guards.losses_in_row}
          bind:value={
            () => guards.losses_in_row?.rest ?? null,
            (rest: number | null) => guards.losses_in_row && set({ losses_in_row: { ...guards.losses_in_row, rest: rest ?? 1 } })
          }
        /></span
      ></Field
    >
    <LossField
      label="Loss of a day, at most"
      hint="Realised and open, in the account’s money."
      errors={errors('day_loss')}
      example="A number such as 300"
      names={['Loss of a day', 'What a loss of a day does']}
      acts
      bind:loss={
        () => guards.day_loss && { amount: guards.day_loss.money, then: guards.day_loss.then },
        (loss) => set({ day_loss: loss ? { money: loss.amount, then: loss.then ?? 'refuse' } : null })
      }
    />
    <LossField
      label="Fall from the account’s peak"
      hint="% of the most money it had."
      errors={errors('fall')}
      example="A percentage such as 10"
      names={['Fall from the peak', 'What a fall does']}
      acts={whose === 'account'}
      bind:loss={
        () => guards.fall && { amount: guards.fall.percent, then: guards.fall.then },
        (loss) => set({ fall: loss ? { percent: loss.amount, then: loss.then ?? 'refuse' } : null })
      }
    />
    <Field label="Days are counted in" errors={of('zone')}
      ><select class="select w-full" bind:value={() => guards.zone ?? 'UTC', (zone) => set({ zone })}
        ><option value="UTC">UTC</option>{#each zones as zone (zone)}<option value={zone}>{zone}</option>{/each}</select
      ></Field
    >
    <Field label="Nothing before" hint="Your own time." errors={of('not_before')}
      ><input
        class="input figure w-full"
        type="datetime-local"
        bind:value={
          () =>
            guards.not_before
              ? new Date(Date.parse(guards.not_before) - new Date().getTimezoneOffset() * 60_000).toISOString().slice(0, 16)
              : '',
          (local: string) => set({ not_before: local === '' ? null : new Date(local).toISOString() })
        }
      /></Field
    >
    {#if whose === 'account'}
      <Field label="Sides" errors={of('sides')}
        ><select
          class="select w-full"
          bind:value={
            () => guards.sides ?? 'both', (sides) => set({ sides: sides === 'both' ? null : (sides as 'long' | 'short') })
          }
          ><option value="both">long and short</option><option value="long">long only</option><option value="short"
            >short only</option
          ></select
        ></Field
      >
      <Field label="Only these instruments" hint="Separated by spaces; empty: all." errors={of('instruments')}
        ><input
          class="input figure w-full"
          placeholder="all"
          list="instruments-of-account"
          bind:value={
            () => (guards.instruments ?? []).join(' '),
            (text: string) => set({ instruments: text.split(/[\s,]+/).filter((name) => name !== '') })
          }
        /><datalist id="instruments-of-account"
          >{#each instruments as name (name)}<option value={name}></option>{/each}</datalist
        ></Field
      >
    {/if}
  </div>
  <label class="flex items-center gap-2 text-sm"
    ><input
      type="checkbox"
      class="checkbox checkbox-sm"
      bind:checked={() => guards.once_per_label ?? false, (once_per_label: boolean) => set({ once_per_label })}
    />Each label only once, until the route is armed anew</label
  >
  <label class="flex items-center gap-2 text-sm"
    ><input
      type="checkbox"
      class="checkbox checkbox-sm"
      bind:checked={() => guards.liquidation ?? false, (liquidation: boolean) => set({ liquidation })}
    />Refuse an entry whose stop lies beyond where the venue would close it for want of margin</label
  >
</div>
