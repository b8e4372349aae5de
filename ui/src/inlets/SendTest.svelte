<script lang="ts">
  import { untrack } from 'svelte';
  import { api, take, type Inlet } from '../api/client';
  import DecisionTrace from '../journal/DecisionTrace.svelte';
  import Problem from '../shared/Problem.svelte';
  import { Attempt } from '../state/attempt.svelte';
  import { useMessage } from '../state/queries';

  type Props = { inlet: Inlet; symbol?: string; opened?: boolean };
  let { inlet, symbol = 'MARL/USD', opened = false }: Props = $props();

  let body = $state(untrack(() => `{"do": "enter", "side": "long", "symbol": "${symbol}", "label": "by hand"}`));
  let isOpen = $state(untrack(() => opened));
  let sent = $state<string | null>(null);
  let asking = $state(false);
  const attempt = new Attempt();
  const message = useMessage(() => sent);

  function send(dry: boolean) {
    void attempt.run(async () => {
      asking = false;
      sent = (await take(api.POST('/inlets/{inlet}/test', { params: { path: { inlet: inlet.id } }, body: { body, dry } }))).id;
    });
  }
</script>

<details class={opened ? '' : 'border-t border-base-300 pt-2'} bind:open={isOpen}>
  <summary class="cursor-pointer text-sm font-semibold">Send a test message</summary>
  <div class="mt-2 flex flex-col gap-2">
    <textarea
      class="textarea figure w-full text-xs whitespace-pre-wrap"
      rows="3"
      bind:value={body}
      aria-label="Test message for {inlet.name}"
      spellcheck="false"></textarea>
    <div class="flex flex-wrap items-center gap-2">
      <button class="btn btn-primary btn-sm" disabled={attempt.busy || body.trim() === ''} onclick={() => send(true)}
        >Dry run</button
      >
      {#if asking}
        <span class="text-sm">Armed routes will send orders.</span>
        <button class="btn btn-error btn-sm" onclick={() => send(false)}>Send it</button>
        <button class="btn btn-sm" onclick={() => (asking = false)}>No</button>
      {:else}
        <button class="btn btn-sm" disabled={attempt.busy || body.trim() === ''} onclick={() => (asking = true)}
          >Send for real</button
        >
      {/if}
      <a class="link ml-auto text-xs" href="/api/v1/schemas/message-1" target="_blank">the message format</a>
    </div>
    {#if attempt.error}<Problem error={attempt.error} />{/if}
    {#if message.data}
      {#if message.data.outcome}<p class="rounded border-l-4 border-error bg-base-200 px-3 py-2 text-sm" role="status">
          {message.data.outcome}
        </p>{/if}
      {#each message.data.decisions as decision (decision.id)}<DecisionTrace {decision} />{/each}
      {#if message.data.state === 'stored'}<p class="quiet text-sm">Stored, about to be read …</p>{/if}
    {/if}
  </div>
</details>
