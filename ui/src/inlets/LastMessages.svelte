<script lang="ts">
  import type { Inlet } from '../api/client';
  import MessageRow from '../journal/MessageRow.svelte';
  import { useInletMessages } from '../state/queries';

  type Props = { inlet: Inlet };
  let { inlet }: Props = $props();

  const MOST = 6;
  const messages = useInletMessages(() => inlet.id);
</script>

<ul class="mt-1 divide-y divide-base-300/60 border-t border-base-300">
  {#each (messages.data ?? []).slice(0, MOST) as message (message.id)}<MessageRow {message} chosen={false} />{/each}
</ul>
