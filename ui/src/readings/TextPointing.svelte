<script lang="ts">
  import Chooser from './Chooser.svelte';
  import type { ReadingWork } from './draft.svelte';
  import { intents } from './intents';
  import { patternOf } from './leaves';

  type Props = { work: ReadingWork; text: string };
  let { work, text }: Props = $props();

  type Piece = { start: number; end: number };
  const words = $derived([...text.matchAll(/\S+/g)].map((found) => ({ start: found.index, end: found.index + found[0].length })));
  let from = $state<number | null>(null);
  let to = $state<number | null>(null);
  let means = $state('enter long');

  const piece = $derived.by<Piece | null>(() => {
    if (from === null || to === null) return null;
    const [first, last] = [words[Math.min(from, to)], words[Math.max(from, to)]];
    return first && last ? { start: first.start, end: last.end } : null;
  });
  const chosen = $derived(piece === null ? '' : text.slice(piece.start, piece.end).replace(/[,;:.!]+$/, ''));

  /** The first click takes a word, the next one beside it makes it a phrase. */
  function click(i: number) {
    if (from !== null && to !== null && (i === Math.max(from, to) + 1 || i === Math.min(from, to) - 1)) to = i;
    else from = to = i;
  }

  function close() {
    from = to = null;
  }

  function place(field: string) {
    if (piece === null) return;
    work.assign(field, 'pattern', patternOf(text, piece.start, piece.start + chosen.length));
    close();
  }

  function addRule() {
    const rule = { when: 'contains' as const, text: chosen, then: { do: means } };
    work.spec.words = [rule, ...work.spec.words.filter((one) => one.text.toLowerCase() !== chosen.toLowerCase())];
    close();
  }
</script>

<p class="quiet text-xs">Click a word; click the next one to take it along. Then say what it is.</p>
<p class="figure rounded bg-base-200 p-2 text-sm leading-7 whitespace-normal">
  {#each words as word, i (word.start)}
    {@const on = from !== null && to !== null && i >= Math.min(from, to) && i <= Math.max(from, to)}
    <button
      type="button"
      class="mr-1 rounded px-0.5 {on ? 'bg-primary text-primary-content' : 'hover:bg-base-300'}"
      aria-pressed={on}
      onclick={() => click(i)}>{text.slice(word.start, word.end)}</button
    >
  {/each}
</p>
{#if piece !== null}
  <form
    class="flex flex-wrap items-center gap-2 rounded border border-primary p-2 text-sm"
    onsubmit={(event) => (event.preventDefault(), addRule())}
  >
    When the text contains <b>“{chosen}”</b>, it means
    <input class="input input-sm w-36" bind:value={means} list="intents" aria-label="What it means" required />
    <datalist id="intents"
      >{#each intents as intent (intent)}<option value={intent}></option>{/each}</datalist
    >
    <button class="btn btn-sm btn-primary">Add the rule</button>
  </form>
  <Chooser chosen={[]} onchoose={place} ondrop={() => undefined} onclose={close} />
{/if}
