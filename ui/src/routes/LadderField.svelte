<script lang="ts">
  import type { Ladder } from '../api/client';
  import Field from '../shared/Field.svelte';

  type Props = { ladder: Ladder | null; errors: string[]; bare?: boolean };
  let { ladder = $bindable(), errors, bare = false }: Props = $props();

  const begun: Ladder = { levels: 3, distance: '1', spacing: '1.5', first: '1', growth: '1.5' };
  const numbers = [
    { key: 'distance', label: 'First add at', hint: '% from the entry, against it.' },
    { key: 'spacing', label: 'Step factor', hint: 'Each next step times; 1: even.' },
    { key: 'first', label: 'First size', hint: 'Times the entry.' },
    { key: 'growth', label: 'Size factor', hint: 'Each next size times; 1: even.' },
  ] as const;
</script>

{#if !bare}<label class="flex items-center gap-2 text-sm font-semibold"
    ><input
      type="checkbox"
      class="checkbox checkbox-sm"
      bind:checked={() => ladder !== null, (on: boolean) => (ladder = on ? begun : null)}
    />Planned adds: a ladder of limit orders with each entry</label
  >{/if}
{#if ladder !== null}
  <div class="grid gap-3 sm:grid-cols-5">
    <Field label="Levels" hint="1 to 20." {errors}
      ><input class="input figure w-full" type="number" min="1" max="20" bind:value={ladder.levels} required /></Field
    >
    {#each numbers as one (one.key)}
      <Field label={one.label} hint={one.hint}
        ><input
          class="input figure w-full"
          inputmode="decimal"
          pattern="[0-9]+(\.[0-9]+)?"
          title="A number such as 1.5"
          required
          bind:value={ladder[one.key]}
        /></Field
      >
    {/each}
  </div>
  {#if !bare}<label class="flex flex-col gap-1 text-sm"
      ><span class="font-semibold">They are kept</span>
      <select
        class="select w-full sm:w-96"
        bind:value={() => String(ladder?.watched ?? false), (kept: string) => ladder && (ladder.watched = kept === 'true')}
      >
        <option value="false">at the venue: they rest there from the entry on</option>
        <option value="true">by Wexon: each goes out when the price is there</option>
      </select></label
    >{/if}
{/if}
