<script lang="ts">
  import type { Slip } from '../api/client';
  import Time from '../shared/Time.svelte';

  type Props = { slip: Slip };
  let { slip }: Props = $props();
</script>

{#if slip.heard === 0}
  <span class="quiet inline-flex items-center gap-1.5 text-sm"
    ><svg viewBox="0 0 12 12" class="size-3 animate-pulse" aria-hidden="true"
      ><rect x="1" y="1" width="10" height="10" fill="none" stroke="currentColor" stroke-dasharray="2 1.500" /></svg
    >waiting for its first message</span
  >
{:else}
  <span class="inline-flex items-center gap-1.5 text-sm font-semibold {slip.silent_since ? 'text-error' : 'text-success'}"
    ><svg viewBox="0 0 12 12" class="size-3" aria-hidden="true"
      ><path d="M1 6l4 4 6-9" fill="none" stroke="currentColor" stroke-width="2" /></svg
    >
    {slip.silent_since ? 'silent for longer than usual' : 'heard'}
    <span class="figure font-normal">{slip.heard}×, last <Time at={slip.last_heard_at} /></span></span
  >
{/if}
