<script lang="ts">
  import type { Protection } from '../api/client';
  import Field from '../shared/Field.svelte';

  type Times = NonNullable<Protection['times']>;
  type Props = { times: Times | null; errors: string[] };
  let { times = $bindable(), errors }: Props = $props();

  const zones = Intl.supportedValuesOf('timeZone');

  function set(parts: Times) {
    const all = { ...times, ...parts };
    times = all.after || all.at || all.before_close ? all : null;
  }
</script>

<div class="grid gap-3 sm:grid-cols-3">
  <Field label="Out after, seconds" hint="Empty: never." {errors}
    ><input
      class="input figure w-full"
      type="number"
      min="1"
      placeholder="never"
      bind:value={() => times?.after ?? null, (after: number | null) => set({ after })}
    /></Field
  >
  <Field label="Out at">
    <span class="flex gap-1"
      ><input
        class="input figure w-28"
        type="time"
        bind:value={() => times?.at ?? '', (at: string) => set({ at: at === '' ? null : at, zone: times?.zone ?? 'UTC' })}
      />
      <select
        class="select w-full"
        aria-label="Zone"
        disabled={!times?.at}
        bind:value={() => times?.zone ?? 'UTC', (zone) => set({ zone })}
        ><option value="UTC">UTC</option>{#each zones as zone (zone)}<option value={zone}>{zone}</option>{/each}</select
      ></span
    >
  </Field>
  <Field label="Out before the venue closes, seconds" hint="Where it has hours."
    ><input
      class="input figure w-full"
      type="number"
      min="1"
      placeholder="never"
      bind:value={() => times?.before_close ?? null, (before_close: number | null) => set({ before_close })}
    /></Field
  >
</div>
