<script lang="ts">
  import { untrack } from 'svelte';
  import { api, take, type Channel, type ChannelDraft } from '../api/client';
  import Field from '../shared/Field.svelte';
  import Problem from '../shared/Problem.svelte';
  import { Attempt } from '../state/attempt.svelte';
  import { keys, queryClient, useRoutes } from '../state/queries';
  import { kinds, kindWords } from './kinds';

  type Props = { channel: Channel | null; done: () => void };
  let { channel, done }: Props = $props();

  const routes = useRoutes();
  const attempt = new Attempt();
  const begun: ChannelDraft = {
    name: '',
    way: 'mail',
    target: '',
    form: 'wexon',
    kinds: ['protection', 'ask', 'trouble', 'difference', 'halt', 'state', 'summary'],
    routes: [],
    quiet_from: null,
    quiet_to: null,
    is_on: true,
  };
  const {
    name,
    way,
    target,
    form,
    kinds: chosen,
    routes: of,
    quiet_from = null,
    quiet_to = null,
    is_on,
  } = untrack(() => channel ?? begun);
  let draft = $state<ChannelDraft>({ name, way, target, form, kinds: [...chosen], routes: [...of], quiet_from, quiet_to, is_on });
  const forms = { wexon: 'our own fields', text: '{"text": …}', content: '{"content": …}', plain: 'plain words' } as const;

  function save(event: SubmitEvent) {
    event.preventDefault();
    void attempt.run(async () => {
      const body = $state.snapshot(draft);
      await take(
        channel
          ? api.PUT('/channels/{channel}', { params: { path: { channel: channel.id } }, body })
          : api.POST('/channels', { body }),
      );
      await queryClient.invalidateQueries({ queryKey: keys.channels });
      done();
    });
  }
</script>

<form class="flex flex-col gap-3 p-3" onsubmit={save}>
  <div class="grid gap-3 sm:grid-cols-3">
    <Field label="Your name for it" errors={attempt.of('name')}
      ><input class="input w-full" maxlength="80" required bind:value={draft.name} /></Field
    >
    <Field label="Way"
      ><select class="select w-full" bind:value={draft.way}
        ><option value="mail">mail</option><option value="webhook">webhook (a chat room, your own program)</option></select
      ></Field
    >
    <Field label={draft.way === 'mail' ? 'Mail address' : 'Web address'} errors={attempt.of('target')}
      ><input class="input w-full" required bind:value={draft.target} /></Field
    >
    {#if draft.way === 'webhook'}
      <Field label="Body" hint="Signed by Wexon-Signature over time and body."
        ><select class="select w-full" bind:value={draft.form}
          >{#each Object.entries(forms) as [value, words] (value)}<option {value}>{words}</option>{/each}</select
        ></Field
      >
    {/if}
    <Field label="Quiet hours" hint="In the desk's zone; told together afterwards." errors={attempt.of('quiet_from')}
      ><span class="flex items-center gap-1"
        ><input
          class="input figure w-full"
          type="time"
          aria-label="Quiet from"
          bind:value={() => draft.quiet_from ?? '', (at: string) => (draft.quiet_from = at === '' ? null : at)}
        />–<input
          class="input figure w-full"
          type="time"
          aria-label="Quiet to"
          bind:value={() => draft.quiet_to ?? '', (at: string) => (draft.quiet_to = at === '' ? null : at)}
        /></span
      ></Field
    >
  </div>
  <fieldset class="flex flex-wrap gap-x-4 gap-y-1 text-sm">
    <legend class="font-semibold">Tells of</legend>
    {#each kinds as kind (kind)}<label class="flex items-center gap-1.5"
        ><input type="checkbox" class="checkbox checkbox-xs" value={kind} bind:group={draft.kinds} />{kindWords[kind]}</label
      >{/each}
  </fieldset>
  <fieldset class="flex flex-wrap gap-x-4 gap-y-1 text-sm">
    <legend class="font-semibold">Of these routes; none chosen: of all</legend>
    {#each routes.data ?? [] as route (route.id)}<label class="flex items-center gap-1.5"
        ><input type="checkbox" class="checkbox checkbox-xs" value={route.id} bind:group={draft.routes} />{route.name}</label
      >{/each}
  </fieldset>
  {#if attempt.error}<Problem error={attempt.error} />{/if}
  <div class="flex items-center gap-3">
    <button class="btn btn-primary btn-sm" disabled={attempt.busy}>{channel ? 'Save' : 'Make the channel'}</button>
    <button type="button" class="btn btn-sm" onclick={done}>Leave it</button>
    <label class="ml-auto flex items-center gap-2 text-sm"
      ><input type="checkbox" class="checkbox checkbox-sm" bind:checked={draft.is_on} />on</label
    >
  </div>
</form>
