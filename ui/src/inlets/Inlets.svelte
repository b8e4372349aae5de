<script lang="ts">
  import { api, take } from '../api/client';
  import Empty from '../shared/Empty.svelte';
  import Field from '../shared/Field.svelte';
  import Page from '../shared/Page.svelte';
  import Problem from '../shared/Problem.svelte';
  import { Attempt } from '../state/attempt.svelte';
  import { keys, queryClient, useInlets } from '../state/queries';
  import InletCard from './InletCard.svelte';
  import Siding from './Siding.svelte';

  const inlets = useInlets();
  let name = $state('');
  const attempt = new Attempt();

  function make(event: SubmitEvent) {
    event.preventDefault();
    void attempt.run(async () => {
      await take(api.POST('/inlets', { body: { name } }));
      name = '';
      await queryClient.invalidateQueries({ queryKey: keys.inlets });
    });
  }
</script>

<Page title="Inlets" lead="Secret addresses that your charting platform, script or terminal sends messages to.">
  <Siding />
  {#if inlets.isError}<Problem error={inlets.error} again={() => void inlets.refetch()} />{/if}
  <form class="plate flex flex-wrap items-end gap-3 p-3" onsubmit={make}>
    <Field label="New inlet" errors={attempt.of('name')}>
      <input class="input w-72" bind:value={name} required maxlength="80" placeholder="Swing charts" />
    </Field>
    <button class="btn btn-primary" disabled={attempt.busy}>Make the inlet</button>
    {#if attempt.general}<Problem error={attempt.general} />{/if}
  </form>
  {#if inlets.data?.length === 0}
    <div class="plate">
      <Empty title="No inlet yet">Name one above. You then get an address to paste into your charting platform's alerts.</Empty>
    </div>
  {/if}
  <div class="grid grid-cols-1 items-start gap-3 xl:grid-cols-2">
    {#each inlets.data ?? [] as inlet (inlet.id)}<InletCard {inlet} />{/each}
  </div>
</Page>
