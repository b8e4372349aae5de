<script lang="ts">
  import { useFields } from '../state/queries';
  import Chooser from './Chooser.svelte';
  import type { ReadingWork } from './draft.svelte';
  import { leavesOf, type Leaf } from './leaves';

  type Props = { work: ReadingWork; values: unknown };
  let { work, values }: Props = $props();

  const fields = useFields();
  const leaves = $derived(leavesOf(values));
  let open = $state<string | null>(null);

  const key = (leaf: Leaf) => `${leaf.from}:${leaf.at}`;
  const label = (name: string) => fields.data?.fields.find((field) => field.name === name)?.label ?? name;

  function choose(leaf: Leaf, field: string) {
    work.assign(field, leaf.from, leaf.at);
    open = null;
  }
</script>

<p class="quiet text-xs">Click a value and say what it is.</p>
<ul class="flex flex-col">
  {#each leaves as leaf (key(leaf) + String(leaf.whole))}
    {@const taken = work.fieldsAt(leaf.from, leaf.at)}
    <li>
      <button
        type="button"
        class="grid w-full grid-cols-[minmax(5rem,13rem)_minmax(4rem,1fr)] sm:grid-cols-[minmax(6rem,13rem)_minmax(0,1fr)_auto] items-baseline gap-x-2 rounded border-l-4 px-2 py-1 text-left text-sm hover:bg-base-200 {taken.length >
        0
          ? 'border-primary'
          : 'border-base-300'}"
        aria-expanded={open === key(leaf)}
        aria-label="{leaf.name}: {leaf.value}"
        onclick={() => (open = open === key(leaf) ? null : key(leaf))}
      >
        <span class="quiet truncate" title={leaf.at}>{leaf.name}</span>
        <span class="figure truncate font-semibold">{leaf.value === '' ? '–' : leaf.value}</span>
        <span class="col-span-full text-xs sm:col-span-1"
          >{#each taken as field (field)}<span
              class="ml-1 inline-block rounded bg-primary whitespace-nowrap px-1.5 py-px text-primary-content"
              >{label(field)}</span
            >{/each}</span
        >
      </button>
      {#if open === key(leaf)}
        <Chooser
          chosen={taken}
          onchoose={(field) => choose(leaf, field)}
          ondrop={(field) => work.unassign(field)}
          onclose={() => (open = null)}
        />
      {/if}
    </li>
  {:else}
    <li class="quiet text-sm">There is no value in it that could be pointed at.</li>
  {/each}
</ul>
