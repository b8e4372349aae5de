<script lang="ts">
  import type { Snippet } from 'svelte';

  type Props = { label: string; hint?: string; errors?: string[]; children: Snippet };
  let { label, hint, errors = [], children }: Props = $props();
</script>

<label class="flex flex-col gap-1">
  <span class="text-sm font-semibold">{label}</span>
  {@render children()}
  {#each errors as error (error)}<span class="text-sm text-error" role="alert">{error}</span>{/each}
  {#if hint && errors.length === 0}<span class="quiet text-xs">{hint}</span>{/if}
</label>
