<script lang="ts">
  import type { RouteState } from '../api/client';

  type Props = { state: RouteState };
  let { state }: Props = $props();

  const words: Record<RouteState, string> = { draft: 'Draft', armed: 'Armed', paused: 'Paused', winding_down: 'Winding down' };
  const tones: Record<RouteState, string> = {
    draft: 'border-base-300 quiet',
    armed: 'border-success text-success',
    paused: 'border-error text-error',
    winding_down: 'border-warning text-warning',
  };
</script>

<span
  class="inline-flex items-center gap-1.5 whitespace-nowrap rounded-full border px-2 py-px text-xs font-semibold {tones[state]}"
>
  <svg viewBox="0 0 10 10" class="size-2.5" aria-hidden="true">
    {#if state === 'armed'}<circle cx="5" cy="5" r="4.5" fill="currentColor" />
    {:else if state === 'paused'}<rect x="0.5" y="3" width="9" height="4" fill="currentColor" />
    {:else if state === 'winding_down'}<path d="M5 .5a4.500 4.500 0 0 0 0 9z" fill="currentColor" /><circle
        cx="5"
        cy="5"
        r="4"
        fill="none"
        stroke="currentColor"
      />
    {:else}<circle cx="5" cy="5" r="4" fill="none" stroke="currentColor" stroke-dasharray="2 1.500" />{/if}
  </svg>
  {words[state]}
</span>
