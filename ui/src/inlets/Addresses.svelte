<script lang="ts">
  import { api, take, type Inlet } from '../api/client';
  import CopyButton from '../shared/CopyButton.svelte';
  import Problem from '../shared/Problem.svelte';
  import Time from '../shared/Time.svelte';
  import { Attempt } from '../state/attempt.svelte';
  import { keys, queryClient } from '../state/queries';
  import { curlOf, secretsOf } from './secrets';

  type Props = { inlet: Inlet };
  let { inlet }: Props = $props();

  const HOUR = 60;
  const spans = [
    { name: 'a day', minutes: 24 * HOUR },
    { name: 'an hour', minutes: HOUR },
    { name: 'a week', minutes: 7 * 24 * HOUR },
    { name: 'no longer: it stops at once', minutes: 0 },
  ];
  let shown = $state<{ address: string; mailbox: string } | null>(null);
  let changing = $state(false);
  let keep = $state(24 * HOUR);
  const attempt = new Attempt();

  const reveal = () => attempt.run(async () => (shown = shown === null ? await secretsOf(inlet.id) : null));

  const change = () =>
    attempt.run(async () => {
      await take(api.POST('/inlets/{inlet}/address', { params: { path: { inlet: inlet.id } }, body: { keep_minutes: keep } }));
      changing = false;
      shown = await secretsOf(inlet.id);
      await queryClient.invalidateQueries({ queryKey: keys.inlets });
    });
</script>

<section class="plate flex flex-col gap-2 p-4" aria-label="Addresses">
  <h2 class="name quiet">Addresses</h2>
  {#each [{ name: 'Web address', value: shown?.address, get: async () => (await secretsOf(inlet.id)).address }, { name: 'Mailbox', value: shown?.mailbox, get: async () => (await secretsOf(inlet.id)).mailbox }] as line (line.name)}
    <div class="flex flex-wrap items-center gap-2 text-sm">
      <span class="w-24 font-semibold">{line.name}</span>
      <code class="figure min-w-0 flex-1 truncate rounded bg-base-200 px-2 py-1 text-xs"
        >{line.value ?? 'secret: whoever has it can send'}</code
      >
      <CopyButton text={line.get} />
    </div>
  {/each}
  <div class="flex flex-wrap items-center gap-2">
    <button class="btn btn-xs" onclick={() => void reveal()}>{shown === null ? 'Show' : 'Hide'}</button>
    <CopyButton text={() => curlOf(inlet.id)} label="Copy curl" />
    <button class="btn btn-xs" onclick={() => (changing = !changing)}>Change the addresses …</button>
    {#if inlet.old_address_until}<span class="quiet text-xs"
        >the old web address answers until <Time at={inlet.old_address_until} date /></span
      >{/if}
  </div>
  {#if changing}
    <div class="flex flex-wrap items-center gap-2 rounded bg-base-200 p-2 text-sm">
      <label class="flex items-center gap-2"
        >The old web address answers for
        <select class="select select-sm w-56" bind:value={keep}
          >{#each spans as span (span.minutes)}<option value={span.minutes}>{span.name}</option>{/each}</select
        ></label
      >
      <button class="btn btn-sm btn-warning" disabled={attempt.busy} onclick={() => void change()}>Make a new web address</button>
      <span class="quiet text-xs">Every alert that uses it must then be changed on the charting platform.</span>
    </div>
  {/if}
  {#if attempt.error}<Problem error={attempt.error} />{/if}
</section>
