<script lang="ts">
  import { untrack } from 'svelte';
  import { api, take, type Message } from '../api/client';
  import { navigate } from '../router';
  import Problem from '../shared/Problem.svelte';
  import { Attempt } from '../state/attempt.svelte';

  type Props = { message: Message };
  let { message }: Props = $props();

  let editing = $state(false);
  let body = $state(untrack(() => message.body));
  let asking = $state(false);
  const attempt = new Attempt();
  const changed = $derived(body !== message.body);

  /** Unchanged, it is the same message run again and can be held against the first run; changed, it is a new one. */
  const run = (dry: boolean) =>
    attempt.run(async () => {
      asking = false;
      const answer = changed
        ? await take(api.POST('/inlets/{inlet}/test', { params: { path: { inlet: message.inlet.id } }, body: { body, dry } }))
        : await take(api.POST('/messages/{message}/again', { params: { path: { message: message.id } }, body: { dry } }));
      await navigate('/journal/:id', { params: { id: answer.id } });
    });
</script>

<section class="flex flex-col gap-2 border-t border-base-300 pt-2" aria-label="Run it again">
  <div class="flex flex-wrap items-center gap-2">
    <h3 class="name quiet mr-1">By today's rules</h3>
    <button class="btn btn-primary btn-sm" disabled={attempt.busy} onclick={() => void run(true)}
      >{changed ? 'Dry run of the changed text' : 'Dry run, and compare'}</button
    >
    {#if asking}
      <span class="text-sm">Armed routes will send orders.</span>
      <button class="btn btn-error btn-sm" onclick={() => void run(false)}>Send it</button>
      <button class="btn btn-sm" onclick={() => (asking = false)}>No</button>
    {:else}<button class="btn btn-sm" disabled={attempt.busy} onclick={() => (asking = true)}>Send for real</button>{/if}
    <button class="btn btn-ghost btn-sm" aria-expanded={editing} onclick={() => (editing = !editing)}>Change the text</button>
  </div>
  {#if editing}
    <textarea
      class="textarea figure w-full text-xs whitespace-pre-wrap"
      rows="4"
      bind:value={body}
      aria-label="The text to run"
      spellcheck="false"></textarea>
  {/if}
  {#if attempt.error}<Problem error={attempt.error} />{/if}
</section>
