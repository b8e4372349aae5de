<script lang="ts">
  import { api, take, type PositionDetails } from '../api/client';
  import { rest } from '../routes/protection';
  import Trouble from '../shared/Trouble.svelte';
  import { Attempt } from '../state/attempt.svelte';
  import { keys, queryClient } from '../state/queries';

  type Props = { id: number; details: PositionDetails };
  let { id, details }: Props = $props();

  type Target = { price: string; share: string };
  const attempt = new Attempt();
  let draft = $state<Target[] | null>(null);
  const there = $derived((details.protection?.targets ?? []).map(({ price, share }): Target => ({ price, share })));
  const shown = $derived(draft ?? there);
  const edit = (at: number, parts: Partial<Target>) =>
    (draft = shown.map((target, i) => (i === at ? { ...target, ...parts } : target)));

  const save = (targets: Target[]) =>
    attempt.run(async () => {
      const fresh = await take(
        api.PUT('/positions/{position}/targets', { params: { path: { position: id } }, body: { targets } }),
      );
      queryClient.setQueryData([...keys.positions, id], fresh);
      draft = null;
    });
</script>

<form
  class="plate flex flex-col gap-2 p-3"
  onsubmit={(event) => {
    event.preventDefault();
    void save(shown);
  }}
>
  <h2 class="text-sm font-bold">Targets</h2>
  {#each shown as target, i (i)}
    <div class="flex items-center gap-2 text-sm">
      <input
        class="input figure input-sm w-28"
        inputmode="decimal"
        required
        pattern="[0-9]+(\.[0-9]+)?"
        aria-label="Price of target {i + 1}"
        bind:value={() => target.price, (price: string) => edit(i, { price })}
      />
      <input
        class="input figure input-sm w-20"
        inputmode="decimal"
        required
        pattern="[0-9]+(\.[0-9]+)?"
        aria-label="Share of target {i + 1}"
        bind:value={() => target.share, (share: string) => edit(i, { share })}
      />
      %
      {#if draft === null}<span class="quiet text-xs"
          >{details.protection?.targets[i]?.at_venue ? 'at the venue' : 'watched here'}</span
        >
      {:else}<button
          type="button"
          class="btn btn-ghost btn-xs"
          aria-label="Take target {i + 1} out"
          onclick={() => (draft = shown.filter((_, other) => other !== i))}>✕</button
        >{/if}
    </div>
  {:else}
    <p class="quiet text-sm">No target: it runs until the stop, a signal or you.</p>
  {/each}
  <div class="flex flex-wrap gap-2">
    <button
      type="button"
      class="btn btn-sm"
      onclick={() => (draft = [...shown, { price: '', share: String(Math.max(1, rest(shown))) }])}>Add a target</button
    >
    {#if draft !== null}
      <button class="btn btn-primary btn-sm" disabled={attempt.busy}>Set these</button>
      <button type="button" class="btn btn-ghost btn-sm" onclick={() => (draft = null)}>Leave them</button>
    {:else if there.length > 0}
      <button type="button" class="btn btn-sm" disabled={attempt.busy} onclick={() => void save([])}>Let it run</button>
    {/if}
  </div>
  <Trouble {attempt} field="targets" />
</form>
