<script lang="ts">
  import Siding from '../inlets/Siding.svelte';
  import Empty from '../shared/Empty.svelte';
  import Page from '../shared/Page.svelte';
  import Problem from '../shared/Problem.svelte';
  import { useReadings } from '../state/queries';

  const readings = useReadings();
</script>

<Page title="Readings" lead="How messages of your platforms, scripts and mailboxes are understood.">
  {#snippet actions()}<a class="btn btn-primary btn-sm" href="/readings/new">New reading</a>{/snippet}
  <Siding />
  {#if readings.isError}<Problem error={readings.error} again={() => void readings.refetch()} />{/if}
  <section class="plate overflow-x-auto" aria-label="Readings">
    {#if readings.data?.length === 0}
      <Empty title="No reading yet">
        Wexon's own form needs none. For anything else, <a class="link" href="/readings/new">paste a message</a> and point at its values.
      </Empty>
    {:else if readings.data}
      <table class="ledger">
        <thead
          ><tr
            ><th>Reading</th><th>Fills</th><th class="right">Word rules</th><th class="right">Samples</th><th
              >Inlets that read by it</th
            ></tr
          ></thead
        >
        <tbody>
          {#each readings.data as reading (reading.id)}
            <tr>
              <td><a class="font-bold hover:underline" href="/readings/{reading.id}">{reading.name}</a></td>
              <td>{Object.keys(reading.spec.fields).join(', ') || '–'}</td>
              <td class="figure right">{reading.spec.words.length}</td>
              <td class="figure right">{reading.samples.length}</td>
              <td
                >{#each reading.inlets as inlet (inlet.id)}<a class="mr-3 hover:underline" href="/inlets/{inlet.id}"
                    >{inlet.name}</a
                  >{:else}<span class="quiet">none</span>{/each}</td
              >
            </tr>
          {/each}
        </tbody>
      </table>
    {/if}
  </section>
</Page>
