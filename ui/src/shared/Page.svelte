<script lang="ts">
  import type { Snippet } from 'svelte';

  type Props = { title: string; lead?: string; actions?: Snippet; children: Snippet };
  let { title, lead, actions, children }: Props = $props();
</script>

<svelte:head><title>{title} · Wexon</title></svelte:head>
<div class="mx-auto flex max-w-[100rem] flex-col gap-3 px-4 py-4">
  <header class="flex flex-wrap items-end justify-between gap-x-4 gap-y-2">
    <div class="flex flex-wrap items-baseline gap-x-3">
      <h1 class="text-xl font-bold">{title}</h1>
      {#if lead}<p class="quiet text-sm">{lead}</p>{/if}
    </div>
    {#if actions}<div class="flex gap-2">{@render actions()}</div>{/if}
  </header>
  {@render children()}
</div>
