<script lang="ts">
  import type { Verdict } from '../api/client';

  type Props = { verdict: Verdict | null; dry?: boolean };
  let { verdict, dry = false }: Props = $props();

  const words: Record<Verdict, string> = { pass: 'sent', refuse: 'refused', hold: 'waits', nothing: 'nothing to do' };
  const tones: Record<Verdict, string> = {
    pass: 'text-success',
    refuse: 'text-error',
    hold: 'text-accent',
    nothing: 'text-warning',
  };
  const turns: Record<Verdict, number> = { pass: -45, refuse: 0, hold: 20, nothing: 45 };
</script>

{#if verdict === null}
  <span class="quiet text-xs">under way</span>
{:else}
  <span class="inline-flex items-center gap-1 whitespace-nowrap text-xs font-semibold {tones[verdict]}">
    <svg viewBox="0 0 14 14" class="size-3.5" aria-hidden="true">
      <path d="M3 13.500V2" stroke="currentColor" stroke-width="1.500" />
      <rect x="3" y="3.500" width="10" height="3.500" fill="currentColor" transform="rotate({turns[verdict]} 3 5.250)" />
    </svg>
    {dry && verdict === 'pass' ? 'would be sent' : words[verdict]}
  </span>
{/if}
