<script lang="ts">
  import type { Distance } from '../api/client';
  import { distanceUnits, type DistanceUnit } from './protection';

  type Props = { distance: Distance | null; name: string; units?: readonly DistanceUnit[]; empty?: string };
  let { distance = $bindable(), name, units = ['percent', 'price', 'ticks', 'risk', 'at'], empty = 'none' }: Props = $props();

  const entry = $derived(Object.entries(distance ?? {})[0] as [DistanceUnit, string] | undefined);
  let chosen = $state<DistanceUnit | null>(null);
  const unit = $derived(chosen ?? entry?.[0] ?? units[0] ?? 'percent');
  const amount = $derived(entry?.[1] ?? '');

  function set(text: string, kind: DistanceUnit) {
    chosen = kind;
    distance = text.trim() === '' ? null : { [kind]: text.trim() };
  }
</script>

<span class="flex items-center gap-1">
  <input
    class="input figure w-24"
    inputmode="decimal"
    placeholder={empty}
    pattern="[0-9]+(\.[0-9]+)?"
    title="A number above zero, such as 1.5"
    aria-label={name}
    bind:value={() => amount, (text: string) => set(text, unit)}
  />
  <select class="select w-32" aria-label="{name}: in" bind:value={() => unit, (kind) => set(amount, kind)}>
    {#each units as one (one)}<option value={one}>{distanceUnits[one]}</option>{/each}
  </select>
</span>
