<script lang="ts">
  import type { Snippet } from 'svelte';

  type Props = {
    label: string;
    text: () => Promise<string> | string;
    at: string | undefined;
    oncopied: () => void;
    children: Snippet;
  };
  let { label, text, at, oncopied, children }: Props = $props();

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

<div class="grid grid-cols-[5rem_minmax(0,1fr)_auto] items-start gap-2">
  <span class="name quiet pt-1">{label}</span>
  <div class="min-w-0 pt-0.5">{@render children()}</div>
  <button
    class="btn btn-xs print:hidden {at ? 'btn-success' : ''}"
    title={at ? `Copied ${at.slice(0, 16).replace('T', ' ')}` : ''}
    onclick={() => void copy()}>{failed ? 'Not allowed: select and copy' : at ? '✓ Copied' : 'Copy'}</button
  >
</div>
