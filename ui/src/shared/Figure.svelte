<script lang="ts">
  import { grouped } from './decimal';

  type Props = { value: string | null };
  let { value }: Props = $props();
</script>

<span class="figure">{value === null ? '–' : grouped(value)}</span>
