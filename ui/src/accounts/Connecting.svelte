<script lang="ts">
  import { live } from '../state/live.svelte';

  // What was heard of an earlier attempt does not count.
  live.connecting = null;
</script>

{#if live.connecting}
  <div class="flex items-center gap-3 text-sm" role="status">
    <progress class="progress w-48 progress-primary" max="100" value={live.connecting.percent}></progress>
    <span>{live.connecting.doing} …</span>
  </div>
{/if}
