<script lang="ts">
  import type { Rung } from '../api/client';
  import Figure from '../shared/Figure.svelte';

  type Props = { rungs: Rung[] };
  let { rungs }: Props = $props();

  // For drawing only: where on the strip a price lies, in hundredths.
  const prices = $derived(rungs.flatMap((rung) => [Number(rung.price), Number(rung.break_even)]));
  const [low, high] = $derived([Math.min(...prices), Math.max(...prices)]);
  const at = (price: string) => (high === low ? 50 : 100 * ((Number(price) - low) / (high - low)));
  const most = $derived(Math.max(...rungs.map((rung) => Number(rung.units))));
</script>

<div class="mt-2 overflow-x-auto">
  <table class="ledger ledger-tight text-xs" aria-label="Ladder">
    <thead
      ><tr
        ><th></th><th class="right">Price</th><th class="right">Size</th><th class="right">Money</th><th class="right">Average</th
        ><th class="right">Break-even</th><th class="right" title="From this level back to the break-even">Bounce %</th><th
          class="w-14"><span class="sr-only">Drawn</span></th
        ></tr
      ></thead
    >
    <tbody>
      {#each rungs as rung (rung.level)}
        <tr>
          <td>{rung.level === 0 ? 'entry' : String(rung.level)}</td>
          <td class="right"><Figure value={rung.price} /></td>
          <td class="right"><Figure value={rung.units} /></td>
          <td class="right"><Figure value={rung.money} /></td>
          <td class="right"><Figure value={rung.average} /></td>
          <td class="right"><Figure value={rung.break_even} /></td>
          <td class="right"><Figure value={rung.bounce} /></td>
          <td>
            <svg viewBox="0 0 112 14" class="h-3.5 w-14" aria-hidden="true">
              <line x1="4" x2="108" y1="7" y2="7" class="stroke-base-300" />
              <line
                x1={4 + 1.04 * at(rung.price)}
                x2={4 + 1.04 * at(rung.break_even)}
                y1="7"
                y2="7"
                class="stroke-primary"
                stroke-width="1.5"
              />
              <circle cx={4 + 1.04 * at(rung.price)} cy="7" r={1.5 + 3 * (Number(rung.units) / most)} class="fill-primary" />
              <path d="M{4 + 1.04 * at(rung.break_even)} 2 v10" class="stroke-base-content" stroke-width="1.5" />
            </svg>
          </td>
        </tr>
      {/each}
    </tbody>
  </table>
</div>
<p class="quiet text-xs">Dot: the level, as large as its size. Bar: break-even once it is filled, fees of both sides included.</p>
