<script lang="ts">
  import { ask, type Clock } from './api';
  import { bench } from './bench.svelte';
  import { moment } from './format';

  let asking = $state(false);
  const set = async (change: { rate: number; real?: boolean }) => {
    bench.clock = await ask<Clock>('PUT', 'clock', change);
    asking = false;
    await bench.draw();
  };
</script>

<div class="flex items-center gap-1" role="group" aria-label="Practice clock">
  <span class="figure px-1 {bench.clock?.is_rehearsal ? 'bg-accent text-accent-content' : ''}" title="Practice time, UTC"
    >{bench.clock ? moment(bench.clock.now) : ''}</span
  >
  {#each bench.clock?.rates ?? [] as rate (rate)}
    <button
      type="button"
      class="btn btn-xs {bench.clock?.rate === rate ? 'btn-neutral' : ''}"
      aria-pressed={bench.clock?.rate === rate}
      title={rate === 1
        ? 'As fast as the time there is'
        : `Rehearse: all practice prices run ${rate} times as fast, at the venues too`}
      onclick={() => void set({ rate })}>{rate}×</button
    >
  {/each}
  {#if bench.clock?.is_rehearsal}
    {#if asking}<span class="text-error">Prices jump back to those of now:</span><button
        type="button"
        class="btn btn-xs btn-error"
        onclick={() => void set({ rate: 1, real: true })}>end the rehearsal</button
      >{:else}<button type="button" class="btn btn-xs" onclick={() => (asking = true)}>Real time …</button>{/if}
  {/if}
</div>
