<script lang="ts">
  import Page from '../shared/Page.svelte';
  import Differences from './Differences.svelte';
  import Fills from './Fills.svelte';
  import Orders from './Orders.svelte';
  import Positions from './Positions.svelte';
  import Working from './Working.svelte';
</script>

<Page title="Blotter" lead="What is held, what was ordered, what was filled.">
  <Differences />
  <Positions />
  <Working />
  <Orders />
  <Fills />
</Page>
