<script lang="ts">
  import type { Rules } from '../api/client';
  import Sentences from '../shared/Sentences.svelte';

  type Ask = NonNullable<Rules['ask']>;
  type Props = { ask: Ask | null; errors: string[] };
  let { ask = $bindable(), errors }: Props = $props();
</script>

<label class="flex items-center gap-2 text-sm font-semibold"
  ><input
    type="checkbox"
    class="checkbox checkbox-sm"
    bind:checked={() => ask !== null, (on: boolean) => (ask = on ? { for: 120, then: 'lapse' } : null)}
  />Ask first, before anything is opened</label
>
{#if ask !== null}
  <div class="flex flex-wrap items-center gap-2 text-sm">
    wait
    <input
      class="input figure w-24"
      type="number"
      min="5"
      max="86400"
      required
      aria-label="Seconds to answer in"
      bind:value={ask.for}
    />
    seconds for an answer; without one
    <select class="select w-44" aria-label="Without an answer" bind:value={ask.then}
      ><option value="lapse">it lapses</option><option value="go">it is sent</option></select
    >
  </div>
{/if}
<Sentences {errors} />
