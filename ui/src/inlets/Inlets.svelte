<script lang="ts">
  import { api, refusal, take, type Refusal } from '../api/client';
  import Empty from '../shared/Empty.svelte';
  import Field from '../shared/Field.svelte';
  import Page from '../shared/Page.svelte';
  import Problem from '../shared/Problem.svelte';
  import { keys, queryClient, useInlets } from '../state/queries';
  import InletCard from './InletCard.svelte';

  const inlets = useInlets();
  let name = $state('');
  let busy = $state(false);
  let error = $state<Refusal | null>(null);

  async function make(event: SubmitEvent) {
    event.preventDefault();
    if (busy) return;
    busy = true;
    error = null;
    try {
      await take(api.POST('/inlets', { body: { name } }));
      name = '';
      await queryClient.invalidateQueries({ queryKey: keys.inlets });
    } catch (trouble) {
      error = refusal(trouble);
    } finally {
      busy = false;
    }
  }
</script>

<Page title="Inlets" lead="Secret addresses that your charting platform, script or terminal sends messages to.">
  {#if inlets.isError}<Problem error={inlets.error} again={() => void inlets.refetch()} />{/if}
  <form class="plate flex flex-wrap items-end gap-3 p-3" onsubmit={make}>
    <Field label="New inlet" errors={error?.of('name') ?? []}>
      <input class="input w-72" bind:value={name} required maxlength="80" placeholder="Swing charts" />
    </Field>
    <button class="btn btn-primary" disabled={busy}>Make the inlet</button>
    {#if error && Object.keys(error.fields).length === 0}<Problem {error} />{/if}
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
