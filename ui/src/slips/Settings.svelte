<script lang="ts">
  import { untrack } from 'svelte';
  import { api, take, type ChartProfile, type Route, type SlipSettings } from '../api/client';
  import Field from '../shared/Field.svelte';
  import Problem from '../shared/Problem.svelte';
  import { Attempt } from '../state/attempt.svelte';
  import { keys, queryClient } from '../state/queries';

  type Props = { route: Route; settings: SlipSettings | null; profiles: ChartProfile[] };
  let { route, settings, profiles }: Props = $props();

  const fromMessage = $derived(route.rules.size.rule === 'from_message');
  let draft = $state<SlipSettings>(
    untrack(() => ({
      style: settings?.style ?? 'plain',
      form: settings?.form ?? 'json',
      way: settings?.way ?? 'message',
      adds: settings?.adds ?? false,
      profile_id: settings?.profile_id ?? profiles[0]?.id ?? 0,
      size: settings?.size ?? null,
    })),
  );
  let amount = $state(untrack(() => settings?.size?.amount ?? '1'));
  let unit = $state(untrack(() => settings?.size?.unit ?? 'units'));
  const attempt = new Attempt();

  function make(event: SubmitEvent) {
    event.preventDefault();
    void attempt.run(async () => {
      const size = fromMessage && draft.style === 'plain' ? { amount, unit } : null;
      const way = draft.style === 'script' ? 'message' : draft.way;
      const body = { ...$state.snapshot(draft), way, size } satisfies SlipSettings;
      const { data } = await take(api.PUT('/routes/{route}/slips', { params: { path: { route: route.id } }, body }));
      queryClient.setQueryData([...keys.slips, route.id], data);
    });
  }
</script>

<form class="plate flex flex-wrap items-end gap-3 p-3 print:hidden" onsubmit={make} aria-label="How the chart works">
  <Field label="On the chart runs">
    <select class="select w-64 select-sm" bind:value={draft.style}>
      <option value="plain">a plain indicator: an alert for each signal</option>
      <option value="script">a strategy script: one alert for all orders</option>
    </select>
  </Field>
  <Field label="Chart profile" errors={attempt.of('profile_id')}>
    <select class="select w-40 select-sm" bind:value={draft.profile_id}
      >{#each profiles as profile (profile.id)}<option value={profile.id}>{profile.name}</option>{/each}</select
    >
  </Field>
  {#if draft.style === 'plain'}
    <Field label="Each alert is told by" errors={attempt.of('way')}>
      <select class="select w-56 select-sm" bind:value={draft.way}>
        <option value="message">its message, to one address</option>
        <option value="address">an address of its own</option>
      </select>
    </Field>
  {/if}
  {#if draft.style === 'script' || draft.way === 'message'}
    <Field label="Message as"
      ><select class="select w-32 select-sm" bind:value={draft.form}
        ><option value="json">JSON</option><option value="line">one line</option></select
      ></Field
    >
  {/if}
  {#if draft.style === 'plain'}
    <label class="flex items-center gap-2 pb-2 text-sm"
      ><input type="checkbox" class="checkbox checkbox-sm" bind:checked={draft.adds} />with adds</label
    >
    {#if fromMessage}
      <Field label="Size to ask for" errors={attempt.of('size')}>
        <span class="flex gap-1"
          ><input
            class="input figure input-sm w-20"
            bind:value={amount}
            required
            inputmode="decimal"
            aria-label="Amount"
          /><select class="select w-28 select-sm" bind:value={unit} aria-label="Unit"
            >{#each ['units', 'lots', 'contracts', 'money', 'percent'] as one (one)}<option>{one}</option>{/each}</select
          ></span
        >
      </Field>
    {/if}
  {/if}
  <button class="btn btn-sm {settings === null ? 'btn-primary' : ''}" disabled={attempt.busy}
    >{settings === null ? 'Make the slips' : 'Make them anew'}</button
  >
  {#if attempt.general}<div class="w-full"><Problem error={attempt.general} /></div>{/if}
</form>
