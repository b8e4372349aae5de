<script lang="ts">
  type Props = { errors: string[] };
  let { errors }: Props = $props();
</script>

{#each errors as sentence (sentence)}<p class="text-sm text-error" role="alert">{sentence}</p>{/each}
