<script lang="ts">
  import { untrack } from 'svelte';
  import { api, refusal, take, type Preview, type RouteDraft } from '../api/client';
  import CompareLadders from './CompareLadders.svelte';
  import LadderChart from './LadderChart.svelte';
  import LadderTable from '../journal/LadderTable.svelte';
  import Steps from '../journal/Steps.svelte';
  import AccountName from '../shared/AccountName.svelte';
  import VerdictMark from '../shared/VerdictMark.svelte';

  type Props = { draft: RouteDraft; routeId: number | null };
  let { draft, routeId }: Props = $props();

  const AFTER_TYPING = 450;
  const symbol = untrack(() => draft.rules.legs[0]?.symbol ?? '');
  let body = $state(`enter long ${symbol === '' ? 'MARL/USD' : symbol}`);
  let answer = $state<Preview | null>(null);
  let trouble = $state<string | null>(null);
  let flat = $state(false);
  let asked = 0;

  async function ask(given: RouteDraft, text: string, asIfFlat: boolean) {
    const mine = ++asked;
    try {
      const { inlet_id, account_ids, account_scales = {}, account_rules = {}, rules } = given;
      const next = await take(
        api.POST('/routes/preview', {
          body: { inlet_id, account_ids, account_scales, account_rules, route_id: routeId, rules, body: text, flat: asIfFlat },
        }),
      );
      if (mine === asked) [answer, trouble] = [next, null];
    } catch (error) {
      if (mine === asked) trouble = refusal(error)?.message ?? null;
    }
  }

  $effect(() => {
    const given = $state.snapshot(draft);
    const text = body;
    const asIfFlat = flat;
    if (
      text.trim() === '' ||
      given.account_ids.length === 0 ||
      given.rules.legs.some((leg) => leg.symbol === '' || leg.instrument === '')
    ) {
      return;
    }
    const timer = setTimeout(() => void ask(given, text, asIfFlat), AFTER_TYPING);
    return () => clearTimeout(timer);
  });
</script>

<section class="flex flex-col gap-2" aria-label="A message like this, now, would">
  <h2 class="name quiet">A message like this, now, would …</h2>
  <textarea
    class="textarea figure w-full text-xs whitespace-pre-wrap"
    rows="2"
    bind:value={body}
    aria-label="A message like this"
    spellcheck="false"></textarea>
  <label class="flex items-center gap-2 text-sm"
    ><input type="checkbox" class="checkbox checkbox-xs" bind:checked={flat} />as if nothing were held</label
  >
  {#if trouble}<p class="text-sm text-error" role="alert">{trouble}</p>
  {:else if answer?.trouble}<p class="text-sm font-semibold text-error">{answer.trouble}</p>
  {:else if answer}
    {#each answer.accounts as one (one.account.id)}
      <article class="rounded border p-2 {one.account.environment === 'live' ? 'plate-live' : 'border-base-300'}">
        <header class="mb-1 flex items-baseline gap-2 text-sm">
          <AccountName account={one.account} /><span class="ml-auto"
            >{#if one.verdict}<VerdictMark verdict={one.verdict} dry />{/if}</span
          >
        </header>
        {#if one.trouble}<p class="text-sm text-error">{one.trouble}</p>{:else}<Steps steps={one.steps} />{/if}
        {#if one.ladder.length > 1}
          <LadderTable rungs={one.ladder} />
          {#if draft.rules.ladder && one.instrument && (one.side === 'long' || one.side === 'short')}
            <LadderChart rungs={one.ladder} side={one.side} accountId={one.account.id} instrument={one.instrument} />
            <CompareLadders
              ladder={draft.rules.ladder}
              rungs={one.ladder}
              accountId={one.account.id}
              instrument={one.instrument}
              side={one.side}
            />
          {/if}
        {/if}
      </article>
    {/each}
  {:else}<p class="quiet text-sm">
      Name a symbol, an instrument and an account; then the order that would go out stands here.
    </p>{/if}
  <p class="quiet text-xs">
    As if the route were armed, with the rules as they stand here, saved or not, and the venue's prices and money of now. Nothing
    is sent.
  </p>
</section>
