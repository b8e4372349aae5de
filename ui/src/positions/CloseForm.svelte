<script lang="ts">
  import { api, take, type Position, type PositionDetails } from '../api/client';
  import Problem from '../shared/Problem.svelte';
  import { Attempt } from '../state/attempt.svelte';
  import { keys, queryClient } from '../state/queries';

  type Props = { id: number; details: PositionDetails; position: Position };
  let { id, details, position }: Props = $props();

  const attempt = new Attempt();
  const at = $derived({ params: { path: { position: id } } });
  let asking = $state<string | null>(null);
  let units = $state('');
  let said = $state('');

  function act(work: () => Promise<string>) {
    said = '';
    void attempt.run(async () => {
      said = await work();
      asking = null;
      units = '';
      await queryClient.invalidateQueries({ queryKey: keys.positions });
    });
  }
  const close = (share: string) =>
    act(async () => {
      const { data } = await take(api.POST('/positions/{position}/close', { ...at, body: { share } }));
      return `${data.state}: ${data.side} ${data.filled} at ${data.average ?? 'market'}`;
    });
  const add = () =>
    act(async () => {
      const { data } = await take(api.POST('/positions/{position}/add', { ...at, body: { units } }));
      return data.state === 'refused' ? (data.words ?? 'refused') : `${data.state}: ${data.side} ${data.filled}`;
    });
</script>

<section class="plate flex flex-col gap-2 p-3">
  <h2 class="text-sm font-bold">By hand, at market</h2>
  <div class="flex flex-wrap items-center gap-2">
    {#each ['25', '50', '100'] as share (share)}
      {#if asking === share}
        <button class="btn btn-error btn-sm" disabled={attempt.busy} onclick={() => close(share)}
          >Close {share === '100' ? `all ${position.quantity}` : `${share} %`} now</button
        ><button class="btn btn-sm" onclick={() => (asking = null)}>Keep</button>
      {:else if asking === null}
        <button class="btn btn-sm" onclick={() => (asking = share)}>{share === '100' ? 'Flatten' : `Close ${share} %`}</button>
      {/if}
    {/each}
  </div>
  <form
    class="flex items-center gap-2"
    onsubmit={(event) => {
      event.preventDefault();
      add();
    }}
  >
    <input
      class="input figure input-sm w-28"
      inputmode="decimal"
      required
      placeholder={details.lot_step}
      pattern="[0-9]+(\.[0-9]+)?"
      aria-label="Add so many {details.unit}"
      bind:value={units}
    /><button class="btn btn-sm" disabled={attempt.busy || units === ''}>Add {details.unit}</button>
  </form>
  {#if said}<p class="text-sm" role="status">{said}</p>{/if}
  {#each ['share', 'units'] as field (field)}{#if attempt.error?.fields[field]}<p class="text-sm text-error" role="alert">
        {attempt.error.fields[field].join(' ')}
      </p>{/if}{/each}
  {#if attempt.general}<Problem error={attempt.general} />{/if}
</section>
