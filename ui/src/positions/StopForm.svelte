<script lang="ts">
  import { api, take, type Position, type PositionDetails } from '../api/client';
  import { keepingWords } from '../routes/protection';
  import Trouble from '../shared/Trouble.svelte';
  import { Attempt } from '../state/attempt.svelte';
  import { keys, queryClient } from '../state/queries';

  type Props = { id: number; details: PositionDetails; position: Position; proposed: string | null };
  let { id, details, position, proposed = $bindable() }: Props = $props();

  const attempt = new Attempt();
  const at = $derived({ params: { path: { position: id } } });
  const protection = $derived(details.protection);
  const price = $derived(proposed ?? protection?.stop ?? '');
  let removing = $state(false);

  const done = (fresh: PositionDetails) => {
    queryClient.setQueryData([...keys.positions, id], fresh);
    proposed = null;
    removing = false;
  };
  const move = (to: string | null) =>
    attempt.run(async () => done(await take(api.PUT('/positions/{position}/stop', { ...at, body: { price: to } }))));
  const even = () => attempt.run(async () => done(await take(api.POST('/positions/{position}/break-even', at))));
</script>

<section class="plate flex flex-col gap-2 p-3">
  <header class="flex items-baseline justify-between gap-2">
    <h2 class="text-sm font-bold">Stop</h2>
    <span class="quiet text-xs">
      {#if protection?.stop_at_venue}at the venue{protection.stop_at_venue === protection.stop
          ? ''
          : `, at ${protection.stop_at_venue}`}
      {:else if protection?.stop}{keepingWords.watched.label}{/if}
    </span>
  </header>
  <form
    class="flex items-center gap-2"
    onsubmit={(event) => {
      event.preventDefault();
      void move(price);
    }}
  >
    <input
      class="input figure input-sm w-32 {proposed === null ? '' : 'input-warning'}"
      inputmode="decimal"
      required
      pattern="[0-9]+(\.[0-9]+)?"
      title="A price such as 38.20"
      placeholder="no stop"
      aria-label="Stop at"
      bind:value={() => price, (text: string) => (proposed = text)}
    />
    <button class="btn btn-sm {proposed === null ? '' : 'btn-primary'}" disabled={attempt.busy || proposed === null}
      >{protection?.stop ? 'Move it there' : 'Set a stop'}</button
    >
    {#if proposed !== null}<button type="button" class="btn btn-ghost btn-sm" onclick={() => (proposed = null)}>Leave it</button
      >{/if}
  </form>
  <div class="flex flex-wrap gap-2">
    <button
      class="btn btn-sm"
      disabled={attempt.busy}
      title="Fees of both sides included: {position.break_even}"
      onclick={() => void even()}>To break-even</button
    >
    {#if protection?.stop}
      {#if removing}
        <span class="flex items-center gap-2 text-sm"
          >Nothing would limit the loss.<button class="btn btn-error btn-sm" onclick={() => void move(null)}>Take it away</button
          ><button class="btn btn-sm" onclick={() => (removing = false)}>Keep it</button></span
        >
      {:else}
        <button class="btn btn-ghost btn-sm" onclick={() => (removing = true)}>No stop</button>
      {/if}
    {/if}
  </div>
  <Trouble {attempt} field="price" />
  {#if protection?.rules}<p class="quiet text-xs">By the route: {protection.rules}.</p>
  {:else}<p class="quiet text-xs">Nothing was set to look after this position.</p>{/if}
</section>
