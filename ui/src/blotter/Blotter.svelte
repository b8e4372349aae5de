<script lang="ts">
  import Page from '../shared/Page.svelte';
  import Fills from './Fills.svelte';
  import Orders from './Orders.svelte';
  import Positions from './Positions.svelte';
</script>

<Page title="Blotter" lead="What is held, what was ordered, what was filled.">
  <Positions />
  <Orders />
  <Fills />
</Page>
