<script lang="ts">
  import type { Snippet } from 'svelte';

  /** A button that does one thing, not twice at once, and says beside it what was wrong. */
  type Props = { work: () => Promise<unknown>; children: Snippet; primary?: boolean; small?: boolean; disabled?: boolean };
  let { work, children, primary = false, small = false, disabled = false }: Props = $props();

  let busy = $state(false);
  let wrong = $state<string | null>(null);

  async function run() {
    if (busy) return;
    busy = true;
    wrong = null;
    try {
      await work();
    } catch (trouble) {
      wrong = trouble instanceof Error ? trouble.message : 'That did not work.';
    } finally {
      busy = false;
    }
  }
</script>

<button
  type="button"
  class="btn {small ? 'btn-xs' : 'btn-sm'} {primary ? 'btn-primary' : ''}"
  disabled={busy || disabled}
  onclick={() => void run()}>{@render children()}</button
>
{#if wrong}<p class="w-full text-error" role="alert">{wrong}</p>{/if}
