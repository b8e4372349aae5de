<script lang="ts">
  import Empty from '../shared/Empty.svelte';
</script>

<Empty title="No line goes here">
  The address does not lead to a page. <a class="link" href="/">Back to the Panel</a>
</Empty>
