<script lang="ts">
  import type { Rules } from '../api/client';
  import Field from '../shared/Field.svelte';

  type Caps = Exclude<NonNullable<Rules['caps']>, unknown[]>;
  type Props = { caps: Caps; errors: string[] };
  let { caps = $bindable(), errors }: Props = $props();

  const which = [
    { key: 'order', label: 'An order, at most' },
    { key: 'position', label: 'A position, at most' },
  ] as const;

  function set(key: 'order' | 'position', amount: string, unit: 'units' | 'money') {
    caps = { ...caps, [key]: amount === '' ? null : { amount, unit } };
  }
</script>

<div class="grid gap-3 sm:grid-cols-2">
  {#each which as one (one.key)}
    {@const cap = caps[one.key] ?? null}
    <Field label={one.label} hint="Empty: no cap." {errors}>
      <span class="flex gap-1">
        <input
          class="input figure w-full"
          inputmode="decimal"
          pattern="[0-9]+(\.[0-9]+)?"
          title="A number such as 2.5"
          placeholder="no cap"
          aria-label={one.label}
          bind:value={() => cap?.amount ?? '', (text: string) => set(one.key, text, cap?.unit ?? 'money')}
        />
        <select
          class="select w-28"
          aria-label="Unit of: {one.label}"
          bind:value={() => cap?.unit ?? 'money', (unit: 'units' | 'money') => set(one.key, cap?.amount ?? '', unit)}
          ><option value="money">money</option><option value="units">units</option></select
        >
      </span>
    </Field>
  {/each}
</div>
