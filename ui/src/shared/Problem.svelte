<script lang="ts">
  import { refusal } from '../api/client';

  type Props = { error: unknown; again?: (() => void) | undefined };
  let { error, again }: Props = $props();

  const shown = $derived(refusal(error));
</script>

{#if shown}
  <div role="alert" class="flex items-center justify-between gap-3 rounded-box border border-error px-3 py-2 text-sm text-error">
    <span>{shown.message}</span>
    {#if again}<button class="btn btn-xs" onclick={again}>Try again</button>{/if}
  </div>
{/if}
