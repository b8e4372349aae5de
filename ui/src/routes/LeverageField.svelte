<script lang="ts">
  import type { Rules } from '../api/client';
  import Field from '../shared/Field.svelte';

  type Leverage = NonNullable<Rules['leverage']>;
  type Props = { leverage: Leverage | null; errors: string[] };
  let { leverage = $bindable(), errors }: Props = $props();

  function set(times: string, margin: Leverage['margin']) {
    leverage = times === '' ? null : { times, margin };
  }
</script>

<div class="grid gap-3 sm:grid-cols-2">
  <Field label="Leverage" hint="Set at the venue before an entry when it differs; empty: as it is there." {errors}>
    <span class="flex items-center gap-1">
      <input
        class="input figure w-full"
        inputmode="numeric"
        placeholder="as it is"
        pattern="[1-9][0-9]*"
        title="A whole number from 1 up"
        aria-label="Leverage"
        bind:value={() => leverage?.times ?? '', (times: string) => set(times, leverage?.margin ?? 'isolated')}
      />
      <select
        class="select w-32"
        aria-label="Margin"
        disabled={leverage === null}
        bind:value={() => leverage?.margin ?? 'isolated', (margin) => set(leverage?.times ?? '', margin)}
        ><option value="isolated">isolated</option><option value="cross">cross</option></select
      >
    </span>
  </Field>
</div>
