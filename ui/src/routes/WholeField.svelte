<script lang="ts">
  import type { Rules } from '../api/client';
  import Field from '../shared/Field.svelte';

  type Whole = NonNullable<Rules['whole']>;
  type Props = { whole: Whole | null; errors: string[] };
  let { whole = $bindable(), errors }: Props = $props();

  const fields = [
    { key: 'stop', label: 'All out at a loss of' },
    { key: 'target', label: 'All out at a profit of' },
    { key: 'reached', label: 'Once the profit was' },
    { key: 'keep', label: 'all out when it falls to' },
  ] as const;

  function set(key: keyof Whole, text: string) {
    const all: Whole = { ...whole, [key]: text === '' ? null : text };
    const said = Object.entries(all).filter(([, money]) => money !== null);
    whole = said.length === 0 ? null : Object.fromEntries(said);
  }
</script>

<fieldset>
  <legend class="mb-1 text-sm font-semibold">Everything the route holds on an account, together</legend>
  <div class="grid gap-3 sm:grid-cols-4">
    {#each fields as field, i (field.key)}
      <Field label={field.label} hint="In the account's money." errors={i === 0 ? errors : []}
        ><input
          class="input figure w-full"
          inputmode="decimal"
          placeholder="never"
          pattern="[0-9]+(\.[0-9]+)?"
          title="An amount of money such as 250"
          bind:value={() => whole?.[field.key] ?? '', (text: string) => set(field.key, text)}
        /></Field
      >
    {/each}
  </div>
</fieldset>
