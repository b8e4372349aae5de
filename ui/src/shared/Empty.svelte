<script lang="ts">
  import type { Snippet } from 'svelte';

  type Props = { title: string; children: Snippet };
  let { title, children }: Props = $props();
</script>

<div class="flex flex-col items-center gap-2 px-6 py-12 text-center">
  <svg viewBox="0 0 120 30" class="w-32 quiet" aria-hidden="true">
    <path d="M0 24h120" stroke="currentColor" stroke-width="2" stroke-dasharray="6 4" />
    <path d="M60 24V4" stroke="currentColor" stroke-width="2" />
    <rect x="60" y="5" width="20" height="5" fill="currentColor" />
  </svg>
  <p class="font-semibold">{title}</p>
  <div class="quiet max-w-prose text-sm">{@render children()}</div>
</div>
