<script lang="ts">
  type Props = { text: () => Promise<string> | string; label?: string };
  let { text, label = 'Copy' }: Props = $props();

  const SHOWN_FOR = 2_000;
  let outcome = $state<'idle' | 'copied' | 'failed'>('idle');

  async function copy() {
    try {
      await navigator.clipboard.writeText(await text());
      outcome = 'copied';
    } catch {
      outcome = 'failed';
    }
    setTimeout(() => (outcome = 'idle'), SHOWN_FOR);
  }
</script>

<button type="button" class="btn btn-xs" onclick={copy}>
  {outcome === 'copied' ? '✓ Copied' : outcome === 'failed' ? 'Not allowed: select and copy' : label}
</button>
