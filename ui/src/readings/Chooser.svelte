<script lang="ts">
  import { useFields } from '../state/queries';

  type Props = { chosen: string[]; onchoose: (field: string) => void; ondrop: (field: string) => void; onclose: () => void };
  let { chosen, onchoose, ondrop, onclose }: Props = $props();

  const fields = useFields();
</script>

<div class="rounded border border-primary bg-base-100 p-2" role="group" aria-label="What is it?">
  <div class="mb-1 flex items-center text-xs">
    <span class="name quiet">This is …</span>
    <button type="button" class="btn ml-auto btn-ghost btn-xs" onclick={onclose} aria-label="Close">✕</button>
  </div>
  <div class="flex flex-wrap gap-1">
    {#each fields.data?.fields ?? [] as field (field.name)}
      {#if chosen.includes(field.name)}
        <button type="button" class="btn btn-xs btn-primary" title="Take it back" onclick={() => ondrop(field.name)}
          >✓ {field.label}</button
        >
      {:else}
        <button type="button" class="btn btn-xs" title={field.says} onclick={() => onchoose(field.name)}>{field.label}</button>
      {/if}
    {/each}
  </div>
</div>
