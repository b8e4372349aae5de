<script lang="ts">
  import { untrack } from 'svelte';
  import { api, take, type ChartProfile } from '../api/client';
  import Field from '../shared/Field.svelte';
  import { saveJson } from '../shared/jsonFile';
  import Problem from '../shared/Problem.svelte';
  import { Attempt } from '../state/attempt.svelte';
  import { keys, queryClient } from '../state/queries';

  type Props = { profile: ChartProfile; variables: Record<string, string>; oncopy: () => void };
  let { profile, variables, oncopy }: Props = $props();

  let name = $state(untrack(() => profile.name));
  let spec = $state(untrack(() => structuredClone($state.snapshot(profile.spec))));
  let saved = $state(false);
  let asking = $state(false);
  const attempt = new Attempt();
  const at = $derived({ params: { path: { profile: profile.id } } });

  function save(event: SubmitEvent) {
    event.preventDefault();
    saved = false;
    void attempt.run(async () => {
      await take(api.PUT('/profiles/{profile}', { ...at, body: { name, spec: $state.snapshot(spec) } }));
      saved = true;
      await queryClient.invalidateQueries({ queryKey: keys.profiles });
    });
  }

  const remove = () =>
    attempt.run(async () => {
      asking = false;
      await take(api.DELETE('/profiles/{profile}', at));
      await queryClient.invalidateQueries({ queryKey: keys.profiles });
    });

  function download() {
    saveJson(name, 'chart-profile', { name, spec: $state.snapshot(spec) });
  }
</script>

<form class="plate flex flex-col gap-3 p-4" onsubmit={save} aria-label="Profile {profile.name}">
  <div class="grid gap-3 sm:grid-cols-3">
    <Field label="Name" errors={attempt.of('name')}
      ><input class="input w-full" bind:value={name} required maxlength="80" /></Field
    >
    <Field label="It counts sizes in"
      ><select class="select w-full" bind:value={spec.size_unit}
        ><option>units</option><option>contracts</option><option>lots</option></select
      ></Field
    >
    <Field label="Its alerts expire after" hint="Days; empty: never. Slips take it as their first expiry date."
      ><input
        class="input figure w-full"
        type="number"
        min="1"
        max="3650"
        bind:value={() => spec.alert_days ?? undefined, (days: number | undefined) => (spec.alert_days = days ?? null)}
      /></Field
    >
  </div>
  <table class="ledger">
    <thead><tr><th>What it can fill in</th><th>Name here</th><th>Text that it replaces</th></tr></thead>
    <tbody>
      {#each Object.entries(variables) as [variable, says] (variable)}
        <tr>
          <td>{says}</td>
          <td class="figure quiet">{variable}</td>
          <td
            ><input
              class="input figure input-sm w-full"
              maxlength="80"
              spellcheck="false"
              aria-label="Placeholder of {variable}"
              placeholder="cannot"
              bind:value={() => spec.variables[variable] ?? '', (text: string) => (spec.variables[variable] = text)}
            /></td
          >
        </tr>
      {/each}
    </tbody>
  </table>
  <p class="quiet text-xs">
    A message that arrives with one of these texts still in it is refused: the platform did not fill it in.
  </p>
  {#each attempt.of('spec') as words (words)}<p class="text-sm text-error" role="alert">{words}</p>{/each}
  {#if attempt.general}<Problem error={attempt.general} />{/if}
  <div class="flex flex-wrap items-center gap-2">
    <button class="btn btn-primary btn-sm" disabled={attempt.busy}>Save</button>
    <button type="button" class="btn btn-sm" onclick={download}>Export</button>
    <button type="button" class="btn btn-sm" onclick={oncopy}>Copy it</button>
    <span class="quiet text-sm" role="status">{saved ? 'Saved.' : ''}</span>
    {#if asking}<span class="ml-auto flex gap-2"
        ><button type="button" class="btn btn-error btn-sm" onclick={() => void remove()}>Remove for good</button><button
          type="button"
          class="btn btn-sm"
          onclick={() => (asking = false)}>Keep</button
        ></span
      >{:else}<button type="button" class="btn ml-auto btn-ghost btn-sm" onclick={() => (asking = true)}>Remove</button>{/if}
  </div>
</form>
