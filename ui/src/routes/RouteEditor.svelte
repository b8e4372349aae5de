<script lang="ts">
  import { api, take, type Account, type Inlet, type Route, type RouteDraft } from '../api/client';
  import { navigate } from '../router';
  import AccountName from '../shared/AccountName.svelte';
  import Field from '../shared/Field.svelte';
  import Problem from '../shared/Problem.svelte';
  import { Attempt } from '../state/attempt.svelte';
  import { keys, queryClient } from '../state/queries';
  import AccountsOfRoute from './AccountsOfRoute.svelte';
  import GuardsField from '../control/GuardsField.svelte';
  import { howMany, trimmed } from '../control/guards';
  import AskField from './AskField.svelte';
  import TogetherField from './TogetherField.svelte';
  import Sentences from '../shared/Sentences.svelte';
  import GuardTally from './GuardTally.svelte';
  import AddsField from './AddsField.svelte';
  import CapsField from './CapsField.svelte';
  import LeverageField from './LeverageField.svelte';
  import LadderField from './LadderField.svelte';
  import LegsField from './LegsField.svelte';
  import RemoveRoute from './RemoveRoute.svelte';
  import SizeField from './SizeField.svelte';
  import Station from './Station.svelte';
  import ProtectionField from './ProtectionField.svelte';
  import StyleField from './StyleField.svelte';
  import WholeField from './WholeField.svelte';
  import { closedWords, disagreementWords, oppositeWords, sidesWords } from './words';

  type Props = { route: Route | null; draft: RouteDraft; inlets: Inlet[]; accounts: Account[] };
  let { route, draft = $bindable(), inlets, accounts }: Props = $props();

  let saved = $state(false);
  const attempt = new Attempt();

  const venue = $derived(accounts.find((account) => draft.account_ids.includes(account.id))?.venue);
  const of = (field: string) => attempt.of(field);

  function save(event: SubmitEvent) {
    event.preventDefault();
    void attempt.run(async () => {
      saved = false;
      const body = $state.snapshot(draft);
      const { data } = route
        ? await take(api.PUT('/routes/{route}', { params: { path: { route: route.id } }, body }))
        : await take(api.POST('/routes', { body }));
      await Promise.all(
        [keys.routes, keys.panel, keys.inlets, ['route']].map((queryKey) => queryClient.invalidateQueries({ queryKey })),
      );
      saved = true;
      if (!route) await navigate('/routes/:id', { params: { id: String(data.id) } });
    });
  }
</script>

<form class="max-w-3xl" onsubmit={save}>
  <Station name="Inlet" question="Which messages?">
    <div class="grid gap-3 sm:grid-cols-2">
      <Field label="Name of the route" errors={of('name')}
        ><input class="input w-full" bind:value={draft.name} required maxlength="80" placeholder="Marl swings" /></Field
      >
      <Field label="Inlet" errors={of('inlet_id')}>
        <select class="select w-full" bind:value={draft.inlet_id}>
          {#each inlets as inlet (inlet.id)}<option value={inlet.id}>{inlet.name}</option>{/each}
        </select>
      </Field>
    </div>
    {#if inlets.length === 0}<p class="text-sm text-error">
        There is no inlet yet: <a class="link" href="/inlets">make one first</a>.
      </p>{/if}
  </Station>
  <Station name="Match" question="What does it trade?">
    <LegsField bind:legs={draft.rules.legs} {venue} errors={[...of('rules.legs'), ...(attempt.error?.fields['rules'] ?? [])]} />
  </Station>
  <Station name="Intent" question="Which sides, and what does a bare buy or sell against the position do?">
    <div class="grid gap-3 sm:grid-cols-2">
      <Field label="Sides" errors={of('rules.sides')}>
        <select class="select w-full" bind:value={draft.rules.sides}>
          {#each Object.entries(sidesWords) as [value, words] (value)}<option {value}>{words}</option>{/each}
        </select>
      </Field>
      <Field
        label="An opposite signal"
        hint="Used when the message does not give the chart's own position."
        errors={of('rules.opposite')}
      >
        <select class="select w-full" bind:value={draft.rules.opposite}>
          {#each Object.entries(oppositeWords) as [value, words] (value)}<option {value}>{words}</option>{/each}
        </select>
      </Field>
      <Field
        label="When the chart's position and ours disagree"
        hint={draft.rules.disagreement === 'follow_chart'
          ? 'Ours is brought to the side of the chart.'
          : 'Exits, adds and parts of a position that we do not hold do nothing.'}
      >
        <select class="select w-full" bind:value={draft.rules.disagreement}>
          {#each Object.entries(disagreementWords) as [value, words] (value)}<option {value}>{words}</option>{/each}
        </select>
      </Field>
      <Field label="Pause in a flip" hint="Seconds between closing and opening; 0: none." errors={of('rules.flip_pause')}
        ><input
          class="input figure w-full"
          type="number"
          min="0"
          max="86400"
          required
          bind:value={() => draft.rules.flip_pause ?? 0, (pause: number) => (draft.rules.flip_pause = pause)}
        /></Field
      >
      <Field label="While the venue is closed" errors={of('rules.when_closed')}>
        <select
          class="select w-full"
          bind:value={() => draft.rules.when_closed ?? 'queue_exits', (choice) => (draft.rules.when_closed = choice)}
        >
          {#each Object.entries(closedWords) as [value, words] (value)}<option {value}>{words}</option>{/each}
        </select>
      </Field>
      <label class="flex items-center gap-2 self-center text-sm font-semibold"
        ><input
          type="checkbox"
          class="checkbox checkbox-sm"
          bind:checked={() => draft.rules.pause_on_difference ?? false, (on: boolean) => (draft.rules.pause_on_difference = on)}
        />Pause when the venue holds something else than our books</label
      >
      <label class="flex items-center gap-2 self-center text-sm font-semibold"
        ><input
          type="checkbox"
          class="checkbox checkbox-sm"
          bind:checked={() => draft.rules.start_clean ?? false, (on: boolean) => (draft.rules.start_clean = on)}
        />Start clean: after arming, wait for the first entry</label
      >
    </div>
  </Station>
  <Station name="Guard" question="What may stop it?">
    <div class="flex flex-col gap-3">
      <TogetherField
        bind:together={() => draft.rules.together ?? null, (together) => (draft.rules.together = together)}
        {inlets}
        errors={of('rules.together')}
      />
      <AskField bind:ask={() => draft.rules.ask ?? null, (ask) => (draft.rules.ask = ask)} errors={of('rules.ask')} />
      <details open={howMany(draft.rules.guards ?? {}) > 0}>
        <summary class="cursor-pointer text-sm font-semibold"
          >Limits on what opens something{#if howMany(draft.rules.guards ?? {}) > 0}: {howMany(draft.rules.guards ?? {})} set{/if}</summary
        >
        <div class="mt-3">
          <GuardsField
            bind:guards={() => draft.rules.guards ?? {}, (guards) => (draft.rules.guards = trimmed(guards))}
            whose="route"
            of={(field) => of(`rules.guards.${field}`)}
          />
        </div>
      </details>
      {#if route}<GuardTally routeId={route.id} />{/if}
    </div>
  </Station>
  <Station name="Size" question="How much?">
    <div class="flex flex-col gap-3">
      <SizeField bind:size={draft.rules.size} errors={of('rules.size')} />
      <AddsField
        bind:adds={() => draft.rules.adds ?? { most: 0 }, (adds) => (draft.rules.adds = adds)}
        size={draft.rules.size}
        errors={of('rules.adds')}
      />
      <LadderField
        bind:ladder={() => draft.rules.ladder ?? null, (ladder) => (draft.rules.ladder = ladder)}
        errors={of('rules.ladder')}
      />
      <LeverageField
        bind:leverage={() => draft.rules.leverage ?? null, (leverage) => (draft.rules.leverage = leverage)}
        errors={of('rules.leverage')}
      />
      <CapsField bind:caps={() => draft.rules.caps ?? {}, (caps) => (draft.rules.caps = caps)} errors={of('rules.caps')} />
    </div>
  </Station>
  <Station name="Order" question="At which price, and for how long?">
    <div class="flex flex-col gap-4">
      <StyleField
        name="Entries go in as"
        opens
        bind:style={() => draft.rules.entry ?? { type: 'market' }, (style) => (draft.rules.entry = style)}
        errors={of('rules.entry')}
      />
      <StyleField
        name="Exits go out as"
        opens={false}
        bind:style={() => draft.rules.exit ?? { type: 'market' }, (style) => (draft.rules.exit = style)}
        errors={of('rules.exit')}
      />
      <p class="quiet text-xs">
        A limit or trigger in the message counts before these. A flatten, and the first half of a flip, always go at market.
      </p>
    </div>
  </Station>
  <Station name="Protect" question="What looks after the position?">
    <ProtectionField
      bind:protection={() => draft.rules.protection ?? {}, (protection) => (draft.rules.protection = protection)}
      {of}
    />
    <div class="mt-3">
      <WholeField
        bind:whole={() => draft.rules.whole ?? null, (whole) => (draft.rules.whole = whole)}
        errors={of('rules.whole')}
      />
    </div>
    <div class="mt-3 grid gap-3 sm:grid-cols-2">
      <Field
        label="A signal closes only from"
        hint="% of profit, fees included; empty: whenever it says so. A flatten always closes."
        errors={of('rules.exit_profit')}
        ><input
          class="input figure w-full"
          inputmode="decimal"
          placeholder="any"
          pattern="-?[0-9]+(\.[0-9]+)?"
          title="A percentage such as 0.5"
          bind:value={
            () => draft.rules.exit_profit ?? '', (text: string) => (draft.rules.exit_profit = text === '' ? null : text)
          }
        /></Field
      >
    </div>
  </Station>
  <Station name="Accounts" question="Where does it go?" last>
    <div class="flex flex-wrap gap-2">
      {#each accounts as account (account.id)}
        <label
          class="flex cursor-pointer items-center gap-2 rounded border px-3 py-1.5 text-sm {account.environment === 'live'
            ? 'border-live'
            : 'border-base-300'}"
        >
          <input type="checkbox" class="checkbox checkbox-sm" value={account.id} bind:group={draft.account_ids} /><AccountName
            {account}
          />
        </label>
      {/each}
    </div>
    <AccountsOfRoute bind:draft {accounts} {of} />
    {#if accounts.length === 0}<p class="text-sm text-error">
        No account is connected: <a class="link" href="/accounts">connect one first</a>.
      </p>{/if}
    <Sentences errors={of('account_ids')} />
  </Station>
  {#if attempt.general}<Problem error={attempt.general} />{/if}
  <div class="flex items-center gap-3 pl-12">
    <button class="btn btn-primary" disabled={attempt.busy}>{route ? 'Save' : 'Make the route'}</button>
    <span class="quiet text-sm" role="status"
      >{saved ? 'Saved.' : route ? '' : 'It begins as a draft; nothing goes out before you arm it.'}</span
    >
    {#if route}<span class="ml-auto"><RemoveRoute {route} /></span>{/if}
  </div>
</form>
