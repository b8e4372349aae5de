<script lang="ts">
  import Siding from '../inlets/Siding.svelte';
  import Empty from '../shared/Empty.svelte';
  import Page from '../shared/Page.svelte';
  import Problem from '../shared/Problem.svelte';
  import { useSymbols } from '../state/queries';
  import VenueCard from './VenueCard.svelte';

  const symbols = useSymbols();
</script>

<Page title="Symbols" lead="What your charts call the things that each venue trades.">
  <Siding />
  {#if symbols.isError}<Problem error={symbols.error} again={() => void symbols.refetch()} />{/if}
  {#if symbols.data?.length === 0}<div class="plate">
      <Empty title="No venue yet"
        ><a class="link" href="/accounts">Connect an account</a>; then its venue's instruments can be mapped.</Empty
      >
    </div>{/if}
  <div class="grid grid-cols-1 items-start gap-3 xl:grid-cols-2">
    {#each symbols.data ?? [] as venue (venue.venue)}<VenueCard {venue} />{/each}
  </div>
</Page>
