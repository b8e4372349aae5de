<script lang="ts">
  import type { Attempt } from '../state/attempt.svelte';
  import Problem from './Problem.svelte';

  type Props = { attempt: Attempt; field: string };
  let { attempt, field }: Props = $props();

  /** What was said about the field that the form is about; anything else is a problem of its own. */
  const words = $derived(attempt.error?.fields[field]);
</script>

{#if words}<p class="text-sm text-error" role="alert">{words.join(' ')}</p>
{:else if attempt.general}<Problem error={attempt.general} />{/if}
