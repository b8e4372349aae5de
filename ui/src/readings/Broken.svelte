<script lang="ts">
  import type { BrokenSamples } from '../api/client';

  type Props = { broken: NonNullable<BrokenSamples['broken']>; busy: boolean; onaccept: () => void; onback: () => void };
  let { broken, busy, onaccept, onback }: Props = $props();
</script>

<section class="plate border-error p-4" role="alert" aria-label="Samples that break">
  <h2 class="font-bold text-error">
    {broken.length === 1 ? 'One sample would be read otherwise.' : `${broken.length} samples would be read otherwise.`} Nothing is saved
    yet.
  </h2>
  {#each broken as sample (sample.id)}
    <div class="mt-2 text-xs">
      <pre class="figure max-h-20 overflow-auto rounded bg-base-200 p-1.5 whitespace-pre-wrap">{sample.body}</pre>
      <p class="figure whitespace-normal"><span class="quiet">until now:</span> {sample.before.join(' / ')}</p>
      <p class="figure whitespace-normal"><span class="quiet">from now on:</span> <b>{sample.after.join(' / ')}</b></p>
    </div>
  {/each}
  <div class="mt-3 flex gap-2">
    <button type="button" class="btn btn-sm" onclick={onback}>Back to the rules</button>
    <button type="button" class="btn btn-sm btn-warning" disabled={busy} onclick={onaccept}>It is right so: save</button>
  </div>
</section>
