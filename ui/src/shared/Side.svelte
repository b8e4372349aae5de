<script lang="ts">
  type Props = { side: string };
  let { side }: Props = $props();

  const up = $derived(side === 'long' || side === 'buy');
</script>

<span class="whitespace-nowrap font-semibold {up ? 'text-long' : 'text-short'}"
  ><span aria-hidden="true">{up ? '▲' : '▼'}</span> {side}</span
>
