<script lang="ts">
  import { untrack } from 'svelte';
  import { api, refusal, take, type BrokenSamples, type Inlet, type Reading } from '../api/client';
  import { navigate } from '../router';
  import Field from '../shared/Field.svelte';
  import Problem from '../shared/Problem.svelte';
  import { Attempt } from '../state/attempt.svelte';
  import { keys, queryClient, useFields } from '../state/queries';
  import Broken from './Broken.svelte';
  import { ReadingWork, type SampleDraft } from './draft.svelte';
  import FieldRow from './FieldRow.svelte';
  import MessageSide from './MessageSide.svelte';
  import SignalNow from './SignalNow.svelte';
  import WordRules from './WordRules.svelte';

  type Props = { reading: Reading | null; first: SampleDraft | null; inlet: Inlet | null };
  let { reading, first, inlet }: Props = $props();

  const work = untrack(() => new ReadingWork(reading, first ? [first] : reading ? [] : [{ body: '' }]));
  if (untrack(() => reading === null && inlet !== null)) work.name = untrack(() => `${inlet?.name ?? ''} messages`);
  const fields = useFields();
  const attempt = new Attempt();
  const asking = new Attempt();
  let broken = $state<NonNullable<BrokenSamples['broken']>>([]);
  let saved = $state(false);

  const unused = $derived((fields.data?.fields ?? []).filter((field) => !(field.name in work.spec.fields)));
  const nothingYet = $derived(Object.keys(work.spec.fields).length === 0 && work.spec.words.length === 0);

  $effect(() => work.tryNow());

  function add(name: string) {
    if (name !== '') work.assign(name, 'key', '');
  }

  function save(accept: boolean) {
    void attempt.run(async () => {
      saved = false;
      const samples = $state.snapshot(work.samples).filter((sample) => sample.body.trim() !== '');
      const body = { name: work.name, spec: $state.snapshot(work.spec), samples, accept, inlet_id: inlet?.id ?? null };
      if (reading === null) {
        const made = (await take(api.POST('/readings', { body }))).data;
        await refresh();
        await navigate('/readings/:id', { params: { id: String(made.id) }, search: inlet ? { inlet: inlet.id } : {} });
        return;
      }
      const answer = await api.PUT('/readings/{reading}', { params: { path: { reading: reading.id } }, body });
      broken = answer.response.status === 409 ? ((answer.error as BrokenSamples).broken ?? []) : [];
      if (broken.length > 0) return;
      const kept = (await take(Promise.resolve(answer))).data;
      work.samples = kept.samples.map(({ id, body: text, content_type }) => ({ id, body: text, content_type }));
      saved = true;
      await refresh();
    });
  }

  const refresh = () => Promise.all([keys.readings, keys.inlets].map((queryKey) => queryClient.invalidateQueries({ queryKey })));
</script>

<div class="grid grid-cols-1 items-start gap-3 lg:grid-cols-[minmax(0,5fr)_minmax(0,6fr)]">
  <MessageSide {work} inlet={inlet ?? reading?.inlets[0] ?? null} />
  <form class="flex flex-col gap-3" onsubmit={(event) => (event.preventDefault(), save(false))}>
    <SignalNow {work} />
    <section class="plate p-4" aria-label="Where each part comes from">
      <div class="mb-1 flex flex-wrap items-center gap-2">
        <h2 class="name quiet">Where each part comes from</h2>
        <button
          type="button"
          class="btn ml-auto btn-xs {nothingYet ? 'btn-primary' : ''}"
          disabled={asking.busy || (work.sample?.body ?? '').trim() === ''}
          onclick={() => void asking.run(() => work.guess())}>{nothingYet ? 'Guess a first mapping' : 'Guess anew'}</button
        >
      </div>
      {#if asking.error}<Problem error={asking.error} />{/if}
      {#if nothingYet}<p class="quiet py-2 text-sm">
          Nothing yet. Let Wexon guess, or click a value of the message and say what it is.
        </p>{/if}
      <ul>
        {#each fields.data?.fields ?? [] as field (field.name)}
          <FieldRow
            {work}
            {field}
            sources={fields.data?.sources ?? []}
            trace={work.shown?.fields.find((one) => one.field === field.name)}
          />
        {/each}
      </ul>
      <select class="select mt-2 w-56 select-xs" aria-label="Add a field" bind:value={() => '', add}>
        <option value="">Add a field by hand …</option>
        {#each unused as field (field.name)}<option value={field.name}>{field.label}</option>{/each}
      </select>
      <WordRules {work} />
    </section>
    {#if broken.length > 0}<Broken {broken} onaccept={() => save(true)} onback={() => (broken = [])} busy={attempt.busy} />{/if}
    <div class="plate sticky bottom-2 z-10 flex flex-wrap items-end gap-3 p-3">
      <Field label="Name of the reading" errors={attempt.of('name')}
        ><input class="input w-64" bind:value={work.name} required maxlength="80" placeholder="Swing platform" /></Field
      >
      <button class="btn btn-primary" disabled={attempt.busy || nothingYet}
        >{reading ? 'Save' : inlet ? `Save, and read “${inlet.name}” by it` : 'Save'}</button
      >
      <span class="quiet pb-2 text-sm" role="status">{saved ? 'Saved; its samples are kept as tests.' : ''}</span>
      {#each attempt.of('spec') as words (words)}<p class="w-full text-sm text-error" role="alert">{words}</p>{/each}
      {#if attempt.general}<div class="w-full"><Problem error={refusal(attempt.general)} /></div>{/if}
    </div>
  </form>
</div>
