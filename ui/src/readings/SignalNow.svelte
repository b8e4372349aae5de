<script lang="ts">
  import { shapeWords } from '../journal/words';
  import type { ReadingWork } from './draft.svelte';

  type Props = { work: ReadingWork };
  let { work }: Props = $props();

  const shown = $derived(work.shown);
  const error = $derived(work.tried?.trouble ?? work.tried?.error ?? shown?.error?.message ?? null);
</script>

<section
  class="plate sticky top-2 z-10 border-l-4 px-3 py-2 {error
    ? 'border-error'
    : shown?.line
      ? 'border-success'
      : 'border-base-300'}"
  aria-label="The signal"
  aria-live="polite"
>
  <p class="name quiet">
    The signal{#if work.tried?.format}<span class="font-normal normal-case">&nbsp;– from {shapeWords(work.tried.format)}</span
      >{/if}
  </p>
  {#if error}<p class="text-sm font-semibold text-error">{error}</p>
  {:else if shown?.line}<p class="figure text-sm font-semibold whitespace-normal">{shown.line}</p>
  {:else}<p class="quiet text-sm">Paste a message on the left; what is read of it stands here at once.</p>{/if}
  {#each [...(work.tried?.notes ?? []), ...(shown?.notes ?? [])] as note (note)}<p class="text-xs text-warning">{note}</p>{/each}
  {#if shown?.own && Object.keys(work.spec.fields).length === 0}<p class="quiet text-xs">
      This is Wexon's own form: it is understood without a reading.
    </p>{/if}
</section>
