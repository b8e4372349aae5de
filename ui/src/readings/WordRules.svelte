<script lang="ts">
  import type { WordRule } from '../api/client';
  import type { ReadingWork } from './draft.svelte';
  import { intents } from './intents';

  type Props = { work: ReadingWork };
  let { work }: Props = $props();

  const ways: WordRule['when'][] = ['is', 'begins', 'contains', 'matches'];
  const words: Record<WordRule['when'], string> = {
    is: 'is',
    begins: 'begins with',
    contains: 'contains',
    matches: 'matches the pattern',
  };

  const swap = (i: number) => {
    const [above, below] = [work.spec.words[i - 1], work.spec.words[i]];
    if (above && below) work.spec.words.splice(i - 1, 2, below, above);
  };
</script>

<section aria-label="Word rules">
  <h3 class="name quiet mt-3">Words, for plain text</h3>
  {#if work.spec.words.length > 0}<p class="quiet text-xs">The first rule that takes the text decides.</p>{/if}
  <datalist id="rule-intents"
    >{#each intents as intent (intent)}<option value={intent}></option>{/each}</datalist
  >
  {#each work.spec.words as rule, i (rule)}
    <div class="flex flex-wrap items-center gap-1.5 py-1 text-sm sm:flex-nowrap">
      <span class="whitespace-nowrap">when the text</span>
      <select class="select w-28 select-xs" bind:value={rule.when} aria-label="How rule {i + 1} compares"
        >{#each ways as way (way)}<option value={way}>{words[way]}</option>{/each}</select
      >
      <input
        class="input input-xs w-32 min-w-0 flex-1"
        bind:value={rule.text}
        required
        maxlength="200"
        aria-label="Text of rule {i + 1}"
      />
      <span class="whitespace-nowrap">it means</span>
      <input
        class="input input-xs w-32"
        list="rule-intents"
        bind:value={() => rule.then['do'] ?? '', (text: string) => (rule.then = { ...rule.then, do: text })}
        aria-label="Meaning of rule {i + 1}"
      />
      <button type="button" class="btn btn-ghost btn-xs" disabled={i === 0} aria-label="Rule {i + 1} up" onclick={() => swap(i)}
        >↑</button
      >
      <button
        type="button"
        class="btn btn-ghost btn-xs"
        aria-label="Take rule {i + 1} out"
        onclick={() => work.spec.words.splice(i, 1)}>✕</button
      >
    </div>
  {/each}
  <button
    type="button"
    class="btn btn-xs"
    onclick={() => work.spec.words.push({ when: 'contains', text: '', then: { do: 'enter long' } })}>Add a word rule</button
  >
</section>
