<script lang="ts">
  import type { Rules } from '../api/client';
  import Field from '../shared/Field.svelte';
  import SizeField from './SizeField.svelte';

  type Adds = NonNullable<Rules['adds']>;
  type Props = { adds: Adds; size: Rules['size']; errors: string[] };
  let { adds = $bindable(), size, errors }: Props = $props();

  const own = $derived(adds.size ?? null);
</script>

<div class="flex flex-col gap-3">
  <div class="flex flex-wrap items-end gap-4">
    <Field label="Adds per position, at most" hint="0: none, one entry per position." {errors}
      ><input class="input figure w-32" type="number" min="0" max="100" bind:value={adds.most} required /></Field
    >
    {#if adds.most > 0}
      <label class="flex items-center gap-2 pb-7 text-sm"
        ><input
          type="checkbox"
          class="checkbox checkbox-sm"
          bind:checked={
            () => own !== null, (on: boolean) => (adds = on ? { ...adds, size: $state.snapshot(size) } : { most: adds.most })
          }
        />adds have a size of their own</label
      >
    {/if}
  </div>
  {#if adds.most > 0 && own !== null}
    <SizeField bind:size={() => own, (next: Rules['size']) => (adds = { ...adds, size: next })} errors={[]} compact />
  {/if}
</div>
