<script lang="ts">
  import type { Distance, Protection } from '../api/client';
  import Field from '../shared/Field.svelte';
  import DistanceField from './DistanceField.svelte';
  import TargetsField from './TargetsField.svelte';
  import TimesField from './TimesField.svelte';
  import { keepingWords, tidy } from './protection';

  type Props = { protection: Protection; of: (field: string) => string[] };
  let { protection = $bindable(), of }: Props = $props();

  const set = (parts: Partial<Protection>) => (protection = tidy({ ...protection, ...parts }));
  const at = (field: string) => of(`rules.protection.${field}`);
  const measured = ['percent', 'price', 'ticks'] as const;

  const expression = $derived(protection.stop?.expression ?? null);
  const trailing = $derived(protection.trailing ?? null);
  const floor = $derived(protection.floor ?? null);
  const hasAny = $derived(Object.keys(protection).some((key) => key !== 'keeping' && key !== 'on_add'));
</script>

<div class="flex flex-col gap-4">
  <div class="grid gap-3 sm:grid-cols-2">
    <Field
      label="Stop"
      hint="From what was paid, to the tick on the safe side. A stop in the message counts before this."
      errors={at('stop')}
    >
      {#if expression === null}
        <DistanceField
          name="Stop"
          units={['percent', 'price', 'ticks', 'points', 'at']}
          bind:distance={() => (protection.stop ?? null) as Distance | null, (stop) => set({ stop })}
        />
      {:else}
        <input
          class="input figure w-full"
          aria-label="Stop, as an expression"
          bind:value={() => expression, (text: string) => set({ stop: text === '' ? null : { expression: text } })}
        />
      {/if}
      <button
        type="button"
        class="link w-fit text-xs"
        onclick={() => set({ stop: expression === null ? { expression: 'average - 100 * tick' } : null })}
        >{expression === null ? 'work it out by an expression' : 'as a distance'}</button
      >
    </Field>
    <Field label="Stop and targets live" hint={keepingWords[protection.keeping ?? 'venue'].means} errors={at('keeping')}>
      <select class="select w-full" bind:value={() => protection.keeping ?? 'venue', (keeping) => set({ keeping })}>
        {#each Object.entries(keepingWords) as [value, words] (value)}<option {value}>{words.label}</option>{/each}
      </select>
    </Field>
  </div>
  <TargetsField bind:targets={() => protection.targets ?? [], (targets) => set({ targets })} errors={at('targets')} />
  <div class="grid gap-3 sm:grid-cols-2">
    <Field label="To break-even after target" hint="With the fees of entry and exit; empty: never." errors={at('break_even')}>
      <input
        class="input figure w-24"
        type="number"
        min="1"
        max="10"
        placeholder="never"
        bind:value={
          () => protection.break_even?.after_target ?? null,
          (target: number | null) =>
            set({
              break_even:
                target === null && !protection.break_even?.after_gain ? null : { ...protection.break_even, after_target: target },
            })
        }
      />
    </Field>
    <Field label="or after a gain of" hint="Whichever comes first.">
      <DistanceField
        name="Break-even after a gain of"
        units={['percent', 'price', 'ticks', 'risk']}
        empty="never"
        bind:distance={
          () => protection.break_even?.after_gain ?? null,
          (gain) =>
            set({
              break_even:
                gain === null && !protection.break_even?.after_target ? null : { ...protection.break_even, after_gain: gain },
            })
        }
      />
    </Field>
  </div>
  <label class="flex items-center gap-2 text-sm font-semibold"
    ><input
      type="checkbox"
      class="checkbox checkbox-sm"
      bind:checked={() => trailing !== null, (on: boolean) => set({ trailing: on ? { distance: { percent: '1' } } : null })}
    />The stop follows the best price</label
  >
  {#if trailing}
    <div class="grid gap-3 sm:grid-cols-4">
      {#each [['distance', 'Distance behind', 'needed'], ['start', 'From a gain of', 'at once'], ['step', 'For every', 'every price'], ['move', 'move by', 'as much']] as const as [key, label, empty] (key)}
        <Field {label} errors={at(`trailing.${key}`)}>
          <DistanceField
            name={label}
            {empty}
            units={['percent', 'price', 'ticks', 'risk']}
            bind:distance={
              () => trailing[key] ?? null,
              (distance) => set({ trailing: { ...trailing, [key]: distance ?? (key === 'distance' ? {} : null) } })
            }
          />
        </Field>
      {/each}
    </div>
  {/if}
  <label class="flex items-center gap-2 text-sm font-semibold"
    ><input
      type="checkbox"
      class="checkbox checkbox-sm"
      bind:checked={
        () => floor !== null, (on: boolean) => set({ floor: on ? { reached: { percent: '2' }, keep: { percent: '1' } } : null })
      }
    />A floor under the profit</label
  >
  {#if floor}
    <div class="grid gap-3 sm:grid-cols-4">
      {#each [['reached', 'Once it was', 'needed'], ['keep', 'keep', 'needed'], ['each', 'for every … more', 'no rise'], ['by', 'raise it by', 'no rise']] as const as [key, label, empty] (key)}
        <Field {label} errors={at(`floor.${key}`)}>
          <DistanceField
            name="Floor: {label}"
            {empty}
            units={[...measured, 'risk']}
            bind:distance={
              () => floor[key] ?? null,
              (distance) => set({ floor: { ...floor, [key]: distance ?? (key === 'reached' || key === 'keep' ? {} : null) } })
            }
          />
        </Field>
      {/each}
    </div>
  {/if}
  <TimesField bind:times={() => protection.times ?? null, (times) => set({ times })} errors={at('times')} />
  {#if hasAny}
    <Field label="When the position is added to">
      <select class="select w-full" bind:value={() => protection.on_add ?? 'recompute', (choice) => set({ on_add: choice })}>
        <option value="recompute">stop and targets are worked out anew from the average</option>
        <option value="leave">stop and targets stay where they are</option>
      </select>
    </Field>
  {/if}
</div>
