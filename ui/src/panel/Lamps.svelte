<script lang="ts">
  import type { Route } from '../api/client';
  import Side from '../shared/Side.svelte';

  type Props = { lamps: Route['lamps'] };
  let { lamps }: Props = $props();
</script>

{#if lamps.length > 0}
  <ul class="flex flex-wrap gap-1.5 pb-1 text-xs" aria-label="Signals that must come together">
    {#each lamps as lamp (lamp.name)}
      <li
        class="flex items-center gap-1.5 rounded-full border px-2 py-px {lamp.side
          ? 'border-accent font-semibold'
          : 'quiet border-base-300'}"
        title="{lamp.kind === 'state' ? 'until the opposite comes' : 'for a while'}{lamp.at ? `, since ${lamp.at}` : ''}"
      >
        <svg viewBox="0 0 10 10" class="size-2.5 {lamp.side ? 'text-accent' : ''}" aria-hidden="true"
          >{#if lamp.side}<circle cx="5" cy="5" r="4.5" fill="currentColor" />{:else}<circle
              cx="5"
              cy="5"
              r="4"
              fill="none"
              stroke="currentColor"
            />{/if}</svg
        >{lamp.name}{#if lamp.side}<Side side={lamp.side} />{/if}
      </li>
    {/each}
  </ul>
{/if}
