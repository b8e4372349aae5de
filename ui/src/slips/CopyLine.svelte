<script lang="ts">
  import type { Snippet } from 'svelte';
  import CopyButton from './CopyButton.svelte';

  type Props = {
    label: string;
    text: () => Promise<string> | string;
    at: string | undefined;
    oncopied: () => void;
    children: Snippet;
  };
  let { label, text, at, oncopied, children }: Props = $props();
</script>

<div class="grid grid-cols-[5rem_minmax(0,1fr)_auto] items-start gap-2">
  <span class="name quiet pt-1">{label}</span>
  <div class="min-w-0 pt-0.5">{@render children()}</div>
  <CopyButton {text} {at} {oncopied}>{at ? 'Copied' : 'Copy'}</CopyButton>
</div>
