<script lang="ts">
  import { api, take, type ChartProfile, type ChartProfileDraft } from '../api/client';
  import Siding from '../inlets/Siding.svelte';
  import Empty from '../shared/Empty.svelte';
  import { readJson } from '../shared/jsonFile';
  import Page from '../shared/Page.svelte';
  import Problem from '../shared/Problem.svelte';
  import { Attempt } from '../state/attempt.svelte';
  import { keys, queryClient, useProfiles } from '../state/queries';
  import ProfileEditor from './ProfileEditor.svelte';

  const profiles = useProfiles();
  const attempt = new Attempt();
  let chosen = $state<number | null>(null);
  const profile = $derived(profiles.data?.data.find((one) => one.id === chosen) ?? profiles.data?.data[0] ?? null);

  const make = (draft: ChartProfileDraft) =>
    attempt.run(async () => {
      const made = (await take(api.POST('/profiles', { body: draft }))).data;
      await queryClient.invalidateQueries({ queryKey: keys.profiles });
      chosen = made.id;
    });

  function freeName(wanted: string): string {
    const taken = (profiles.data?.data ?? []).map((one) => one.name);
    let name = wanted;
    for (let i = 2; taken.includes(name); i++) name = `${wanted} ${i}`;
    return name;
  }

  const copy = (of: ChartProfile) => make({ name: freeName(`${of.name}, copy`), spec: $state.snapshot(of.spec) });

  function read(event: Event) {
    const input = event.currentTarget as HTMLInputElement;
    const file = input.files?.[0];
    if (!file) return;
    void attempt.run(async () => {
      const given = await readJson<{ name?: unknown; spec?: unknown }>(file, input);
      if (typeof given.spec !== 'object' || given.spec === null) {
        throw new Error(`${file.name} is no chart profile: it has no “spec”. Choose a file that was exported here.`);
      }
      const name = freeName(typeof given.name === 'string' && given.name !== '' ? given.name : file.name.replace(/\.json$/, ''));
      const made = (await take(api.POST('/profiles', { body: { name, spec: given.spec as ChartProfileDraft['spec'] } }))).data;
      await queryClient.invalidateQueries({ queryKey: keys.profiles });
      chosen = made.id;
    });
  }
</script>

<Page title="Chart profiles" lead="What your charting platform fills in, so that slips can be written for it.">
  {#snippet actions()}
    <label class="btn btn-sm"
      >Import<input
        type="file"
        accept=".json,application/json"
        class="hidden"
        onchange={read}
        aria-label="Import a profile"
      /></label
    >
    <button
      class="btn btn-primary btn-sm"
      disabled={attempt.busy}
      onclick={() =>
        void make({
          name: freeName('My platform'),
          spec: { variables: { symbol: '<symbol>' }, size_unit: 'units', alert_days: null },
        })}>New profile</button
    >
  {/snippet}
  <Siding />
  {#if profiles.isError}<Problem error={profiles.error} again={() => void profiles.refetch()} />{/if}
  {#if attempt.error}<Problem error={attempt.error} />{/if}
  {#if profiles.data && profiles.data.data.length === 0}<div class="plate">
      <Empty title="No profile">Make one, and write down what your platform replaces in its alert texts.</Empty>
    </div>{/if}
  {#if profiles.data && profile}
    <div class="grid grid-cols-1 items-start gap-3 md:grid-cols-[14rem_minmax(0,1fr)]">
      <ul class="plate divide-y divide-base-300/60" aria-label="Profiles">
        {#each profiles.data.data as one (one.id)}
          <li>
            <button
              class="w-full border-l-4 px-3 py-2 text-left text-sm font-semibold hover:bg-base-200 {one.id === profile.id
                ? 'border-primary bg-base-200'
                : 'border-transparent'}"
              aria-current={one.id === profile.id}
              onclick={() => (chosen = one.id)}>{one.name}</button
            >
          </li>
        {/each}
      </ul>
      {#key profile.id}<ProfileEditor {profile} variables={profiles.data.variables} oncopy={() => void copy(profile)} />{/key}
    </div>
  {/if}
</Page>
