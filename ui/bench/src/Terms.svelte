<script lang="ts">
  import { bench } from './bench.svelte';

  /** How much is traded at a time, and what it costs. */
  export type TermsOf = { size: string; fee: string; slippage: number };
  type Props = { terms: TermsOf };
  let { terms = $bindable() }: Props = $props();
</script>

<div class="grid grid-cols-3 gap-2">
  <label class="flex flex-col"
    >Size <input
      class="input figure input-xs w-full"
      bind:value={terms.size}
      title="A multiple of {bench.chart?.lot_step}"
    /></label
  >
  <label class="flex flex-col">Fee, % <input class="input figure input-xs w-full" bind:value={terms.fee} /></label>
  <label class="flex flex-col"
    >Slip, ticks <input type="number" min="0" class="input figure input-xs w-full" bind:value={terms.slippage} /></label
  >
</div>
