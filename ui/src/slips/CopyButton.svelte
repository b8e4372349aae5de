<script lang="ts">
  import type { Snippet } from 'svelte';

  type Props = { text: () => Promise<string> | string; at: string | undefined; oncopied: () => void; children: Snippet };
  let { text, at, oncopied, children }: Props = $props();

  let failed = $state(false);

  async function copy() {
    try {
      await navigator.clipboard.writeText(await text());
      failed = false;
      oncopied();
    } catch {
      failed = true;
    }
  }
</script>

<button
  class="btn btn-xs print:hidden {at ? 'btn-success' : ''}"
  title={at ? `Copied ${at.slice(0, 16).replace('T', ' ')}` : ''}
  onclick={() => void copy()}
  >{#if failed}Not allowed: select and copy{:else}{at ? '✓ ' : ''}{@render children()}{/if}</button
>
