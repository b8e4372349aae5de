<script lang="ts">
  import type { Rules } from '../api/client';
  import { useInstruments } from '../state/queries';

  type Props = { legs: Rules['legs']; venue: string | undefined; errors: string[] };
  let { legs = $bindable(), venue, errors }: Props = $props();

  const instruments = useInstruments(() => venue);
</script>

<div class="flex flex-col gap-2">
  {#each legs as leg, i (i)}
    <div class="flex flex-wrap items-center gap-2">
      <input
        class="input w-44"
        bind:value={leg.symbol}
        required
        maxlength="64"
        placeholder="MARL/USD"
        aria-label="Chart's ticker, leg {i + 1}"
      />
      <span class="quiet" aria-hidden="true">→</span>
      <select class="select w-56" bind:value={leg.instrument} required aria-label="Instrument, leg {i + 1}">
        <option value="" disabled>the venue's instrument</option>
        {#each instruments.data ?? [] as instrument (instrument.name)}<option value={instrument.name}
            >{instrument.name} ({instrument.kind})</option
          >{/each}
      </select>
      {#if legs.length > 1}<button
          type="button"
          class="btn btn-ghost btn-sm"
          onclick={() => legs.splice(i, 1)}
          aria-label="Take leg {i + 1} out">✕</button
        >{/if}
    </div>
  {/each}
  {#each errors as error (error)}<p class="text-sm text-error" role="alert">{error}</p>{/each}
  <p class="quiet text-xs">
    Left: the ticker as your chart writes it. Right: what the venue calls the same thing. Spot cannot be sold short.
  </p>
  <button type="button" class="btn w-fit btn-sm" onclick={() => legs.push({ symbol: '', instrument: '' })}>Another symbol</button>
</div>
