<script lang="ts">
  import type { Guards } from '../api/client';
  import { days } from './guards';

  type Window = NonNullable<Guards['window']>;
  type Props = { window: Window | null };
  let { window = $bindable() }: Props = $props();

  const zones = Intl.supportedValuesOf('timeZone');
  const begun: Window = {
    zone: Intl.DateTimeFormat().resolvedOptions().timeZone,
    days: ['mon', 'tue', 'wed', 'thu', 'fri'],
    from: '09:00',
    to: '17:30',
  };
</script>

<label class="flex items-center gap-2 text-sm font-semibold"
  ><input
    type="checkbox"
    class="checkbox checkbox-sm"
    bind:checked={() => window !== null, (on: boolean) => (window = on ? begun : null)}
  />Entries only inside a window</label
>
{#if window !== null}
  <div class="flex flex-wrap items-center gap-2 text-sm">
    <span class="join" role="group" aria-label="Days">
      {#each days as [key, word] (key)}
        <label class="btn btn-sm join-item {window.days.includes(key) ? 'btn-primary' : ''}"
          ><input type="checkbox" class="sr-only" value={key} bind:group={window.days} />{word}</label
        >
      {/each}
    </span>
    <input class="input figure w-28" type="time" aria-label="From" required bind:value={window.from} />–<input
      class="input figure w-28"
      type="time"
      aria-label="To"
      required
      bind:value={window.to}
    />
    <select class="select w-44" aria-label="Zone of the window" bind:value={window.zone}
      ><option value="UTC">UTC</option>{#each zones as zone (zone)}<option value={zone}>{zone}</option>{/each}</select
    >
    <label class="flex items-center gap-2"
      ><input
        type="checkbox"
        class="checkbox checkbox-sm"
        bind:checked={() => window?.close_at_end ?? false, (on: boolean) => window && (window.close_at_end = on)}
      />close everything at its end</label
    >
  </div>
{/if}
