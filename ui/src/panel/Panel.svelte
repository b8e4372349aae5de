<script lang="ts">
  import Held from '../control/Held.svelte';
  import Empty from '../shared/Empty.svelte';
  import Page from '../shared/Page.svelte';
  import Problem from '../shared/Problem.svelte';
  import { usePanel } from '../state/queries';
  import LineCard from './LineCard.svelte';
  import OpenNow from './OpenNow.svelte';
  import Recent from './Recent.svelte';

  const panel = usePanel();
</script>

<Page title="Panel" lead="Every route as a line: where its last signal got to, and what is open.">
  {#snippet actions()}<a class="btn btn-primary btn-sm" href="/routes/new">New route</a>{/snippet}
  {#if panel.isError}<Problem error={panel.error} again={() => void panel.refetch()} />{/if}
  {#if panel.data}
    <div class="grid grid-cols-1 items-start gap-3 xl:grid-cols-[minmax(0,1fr)_26rem]">
      <section class="flex flex-col gap-3" aria-label="Lines">
        {#each panel.data.lines as line (line.route.id)}
          <LineCard {line} />
        {:else}
          <div class="plate">
            <Empty title="No line is laid yet">
              <ol class="mx-auto inline-block list-decimal text-left">
                <li><a class="link" href="/accounts">Connect an account</a></li>
                <li><a class="link" href="/inlets">Make an inlet</a>: the address that your charting platform sends to</li>
                <li><a class="link" href="/routes/new">Make a route</a> from the inlet to the account</li>
              </ol>
            </Empty>
          </div>
        {/each}
      </section>
      <div class="flex flex-col gap-3">
        <Held />
        <OpenNow />
        <Recent decisions={panel.data.recent} />
      </div>
    </div>
  {/if}
</Page>
