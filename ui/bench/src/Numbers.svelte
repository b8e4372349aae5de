<script lang="ts">
  import type { Parameter, Parameters } from './api';

  /** The numbers that a study or a script can be given. */
  type Props = { kinds: Record<string, Parameter>; values: Parameters; onchange?: () => void };
  let { kinds, values = $bindable(), onchange }: Props = $props();
</script>

{#each Object.entries(kinds) as [name, kind] (name)}
  <label class="flex items-center justify-between gap-2">
    <span>{kind.label}</span>
    <input
      class="input figure input-xs w-24 text-right"
      type="number"
      min={kind.least}
      max={kind.most}
      step={kind.whole ? 1 : 'any'}
      bind:value={() => values[name] ?? kind.usual, (value) => (values[name] = Number(value))}
      onchange={() => onchange?.()}
    />
  </label>
{/each}
