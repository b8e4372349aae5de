<script lang="ts">
  import Captured from './Captured.svelte';
  import type { ReadingWork, SampleDraft } from './draft.svelte';
  import TextPointing from './TextPointing.svelte';
  import Values from './Values.svelte';

  type Props = { work: ReadingWork; inlet: { id: number; name: string } | null };
  let { work, inlet }: Props = $props();

  const LARGEST = 65_536;
  const shown = $derived(work.shown);

  function another() {
    work.samples.push({ body: '' });
    work.look(work.samples.length - 1);
  }

  /** Into the empty sample, if that is the one in sight. */
  function take(sample: SampleDraft) {
    const isEmpty = work.sample?.body.trim() === '';
    work.samples.splice(isEmpty ? work.at : work.samples.length, isEmpty ? 1 : 0, sample);
    work.look(isEmpty ? work.at : work.samples.length - 1);
  }

  function drop() {
    work.samples.splice(work.at, 1);
    work.look(Math.max(0, work.at - 1));
  }
</script>

<section class="plate flex flex-col gap-2 p-4" aria-label="The message">
  <div class="flex flex-wrap items-center gap-1">
    <h2 class="name quiet mr-2">The message</h2>
    {#each work.samples as sample, i (sample)}
      <button
        type="button"
        class="btn btn-xs {i === work.at ? 'btn-primary' : ''}"
        aria-pressed={i === work.at}
        title={sample.id ? 'A sample that is kept' : 'Not kept yet'}
        onclick={() => work.look(i)}>sample {i + 1}{sample.id ? '' : ' *'}</button
      >
    {/each}
    <button type="button" class="btn btn-xs" onclick={another}>Paste another</button>
    {#if inlet}<Captured inlet={inlet.id} ontake={take} />{/if}
    {#if work.samples.length > 1}<button type="button" class="btn ml-auto btn-ghost btn-xs" onclick={drop}
        >Drop this sample</button
      >{/if}
  </div>
  {#if work.sample}
    <textarea
      class="textarea figure w-full text-xs whitespace-pre-wrap"
      rows="4"
      bind:value={work.sample.body}
      readonly={work.sample.id !== undefined}
      maxlength={LARGEST}
      placeholder="Paste a message as your platform or script sends it"
      aria-label="A message"
      spellcheck="false"></textarea>
    {#if work.sample.id}<p class="quiet text-xs">Kept as a test: the reading must go on reading it as it does.</p>{/if}
  {/if}
  {#if work.tried && work.tried.pieces.length > 1}
    <div class="flex flex-wrap items-center gap-1 text-sm">
      <span>{work.tried.pieces.length} messages in one body:</span>
      {#each work.tried.pieces as one, i (i)}<button
          type="button"
          class="btn btn-xs {i === work.piece ? 'btn-primary' : ''} {one.error ? 'text-error' : ''}"
          onclick={() => (work.piece = i)}>{i + 1}</button
        >{/each}
    </div>
  {/if}
  {#if shown}
    {#if shown.values !== null && shown.values !== undefined}<Values {work} values={shown.values} />
    {:else}{#key shown.text}<TextPointing {work} text={shown.text} />{/key}{/if}
  {/if}
</section>
