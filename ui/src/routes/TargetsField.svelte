<script lang="ts">
  import type { Protection } from '../api/client';
  import DistanceField from './DistanceField.svelte';
  import { rest } from './protection';

  type Targets = NonNullable<Protection['targets']>;
  type Props = { targets: Targets; errors: string[] };
  let { targets = $bindable(), errors }: Props = $props();

  const left = $derived(rest(targets));
  const change = (at: number, parts: Partial<Targets[number]>) =>
    (targets = targets.map((target, i) => (i === at ? { ...target, ...parts } : target)));
  const add = () => (targets = [...targets, { at: { percent: String(targets.length + 1) }, share: String(Math.max(1, left)) }]);
</script>

<fieldset class="flex flex-col gap-2">
  <legend class="mb-1 text-sm font-semibold">Targets</legend>
  {#each targets as target, i (i)}
    <div class="flex flex-wrap items-center gap-2 text-sm">
      <span class="figure w-5">{i + 1}</span>
      <input
        class="input figure w-20"
        inputmode="decimal"
        required
        pattern="[0-9]+(\.[0-9]+)?"
        aria-label="Share of target {i + 1}"
        bind:value={() => target.share, (share: string) => change(i, { share })}
      />
      <span>% of the position at</span>
      <DistanceField name="Target {i + 1}" empty="needed" bind:distance={() => target.at, (at) => change(i, { at: at ?? {} })} />
      <button
        type="button"
        class="btn btn-ghost btn-sm"
        aria-label="Take target {i + 1} out"
        onclick={() => (targets = targets.filter((_, other) => other !== i))}>✕</button
      >
    </div>
  {/each}
  {#each errors as error (error)}<p class="text-sm text-error" role="alert">{error}</p>{/each}
  {#if targets.length > 0}
    <p class="text-xs {left < 0 ? 'text-error' : 'quiet'}">
      {left === 0
        ? 'Together they close the whole position; the last one takes what rounding leaves.'
        : left > 0
          ? `${left} % of the position is left to the stop or a signal.`
          : `${-left} % too much: the shares sum to 100 at most.`}
    </p>
  {/if}
  {#if targets.length < 10}<button type="button" class="btn w-fit btn-sm" onclick={add}
      >{targets.length === 0 ? 'Take profit at a target' : 'Another target'}</button
    >{/if}
</fieldset>
