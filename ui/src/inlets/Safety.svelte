<script lang="ts">
  import { untrack } from 'svelte';
  import { api, take, type Inlet } from '../api/client';
  import CopyButton from '../shared/CopyButton.svelte';
  import Field from '../shared/Field.svelte';
  import Problem from '../shared/Problem.svelte';
  import { Attempt } from '../state/attempt.svelte';
  import { keys, queryClient } from '../state/queries';
  import { secretsOf, signedCurlOf } from './secrets';

  type Props = { inlet: Inlet };
  let { inlet }: Props = $props();

  const begun = () => ({
    name: inlet.name,
    per_minute: inlet.per_minute,
    allowed_senders: inlet.allowed_senders.join('\n'),
    allowed_mail: inlet.allowed_mail.join('\n'),
    allowed_symbols: inlet.allowed_symbols.join(', '),
    signed: inlet.signed,
  });
  let draft = $state(untrack(begun));
  let wantsPhrase = $state(untrack(() => inlet.has_phrase));
  let phrase = $state('');
  let saved = $state(false);
  const attempt = new Attempt();

  function save(event: SubmitEvent) {
    event.preventDefault();
    saved = false;
    void attempt.run(async () => {
      const secret = !wantsPhrase ? { phrase: null } : phrase.trim() === '' ? {} : { phrase: phrase.trim() };
      await take(
        api.PUT('/inlets/{inlet}', { params: { path: { inlet: inlet.id } }, body: { ...$state.snapshot(draft), ...secret } }),
      );
      phrase = '';
      saved = true;
      await queryClient.invalidateQueries({ queryKey: keys.inlets });
    });
  }
</script>

<section class="plate p-4" aria-label="Who may send">
  <h2 class="name quiet mb-2">Who may send, and what</h2>
  <form class="flex flex-col gap-3" onsubmit={save}>
    <div class="grid gap-3 sm:grid-cols-2">
      <Field label="Name" errors={attempt.of('name')}
        ><input class="input w-full" bind:value={draft.name} required maxlength="80" /></Field
      >
      <Field label="Messages a minute, at most" errors={attempt.of('per_minute')}
        ><input class="input figure w-full" type="number" min="1" max="6000" bind:value={draft.per_minute} required /></Field
      >
      <Field
        label="Addresses and networks"
        hint="Empty: everybody who has the address. Such as 203.0.113.0/24."
        errors={attempt.of('allowed_senders')}
        ><textarea class="textarea figure w-full text-xs" rows="2" bind:value={draft.allowed_senders} spellcheck="false"
        ></textarea></Field
      >
      <Field
        label="Mail senders"
        hint="Empty: everybody. Such as alerts@charts.example or @charts.example."
        errors={attempt.of('allowed_mail')}
        ><textarea class="textarea figure w-full text-xs" rows="2" bind:value={draft.allowed_mail} spellcheck="false"
        ></textarea></Field
      >
      <Field label="Symbols" hint="Empty: all. Separated by commas." errors={attempt.of('allowed_symbols')}
        ><input class="input w-full" bind:value={draft.allowed_symbols} /></Field
      >
      <div class="flex flex-col gap-1 text-sm">
        <label class="flex items-center gap-2 font-semibold"
          ><input type="checkbox" class="checkbox checkbox-sm" bind:checked={wantsPhrase} />A shared phrase must be in the text</label
        >
        {#if wantsPhrase}
          <span class="flex gap-2"
            ><input
              class="input input-sm w-full"
              bind:value={phrase}
              placeholder={inlet.has_phrase ? 'kept; type to change it' : 'at least six characters'}
              aria-label="Shared phrase"
              required={!inlet.has_phrase}
            />{#if inlet.has_phrase}<CopyButton text={async () => (await secretsOf(inlet.id)).phrase ?? ''} />{/if}</span
          >
        {/if}
        {#each attempt.of('phrase') as words (words)}<span class="text-error" role="alert">{words}</span>{/each}
        <label class="flex items-center gap-2 font-semibold"
          ><input type="checkbox" class="checkbox checkbox-sm" bind:checked={draft.signed} />Scripts must sign</label
        >
        {#if inlet.signed}<span class="flex items-center gap-2 text-xs"
            ><CopyButton text={async () => (await secretsOf(inlet.id)).signing_secret ?? ''} label="Copy the secret" /><CopyButton
              text={() => signedCurlOf(inlet.id)}
              label="Copy how, for a shell"
            /></span
          >{/if}
      </div>
    </div>
    {#if attempt.general}<Problem error={attempt.general} />{/if}
    <div class="flex items-center gap-3">
      <button class="btn btn-sm btn-primary" disabled={attempt.busy}>Save</button><span class="quiet text-sm" role="status"
        >{saved ? 'Saved; it holds for the next message.' : ''}</span
      >
    </div>
  </form>
</section>
