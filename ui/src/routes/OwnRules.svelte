<script lang="ts">
  import type { Account, OrderStyle, OwnRules, Rules } from '../api/client';
  import { useInstruments } from '../state/queries';
  import StyleField from './StyleField.svelte';

  type Props = {
    account: Account;
    legs: Rules['legs'];
    own: OwnRules;
    styles: { entry: OrderStyle; exit: OrderStyle };
    of: (field: string) => string[];
  };
  let { account, legs, own = $bindable(), styles, of }: Props = $props();

  const instruments = useInstruments(() => account.venue);
  const listed = $derived(new Set((instruments.data ?? []).map((one) => one.name)));
  const at = (symbol: string) => symbol.trim().toUpperCase();
  const differs = $derived(Object.keys(own.instruments ?? {}).length + (own.entry ? 1 : 0) + (own.exit ? 1 : 0));
  /** A leg whose instrument this account's venue does not have needs one of its own. */
  const missing = $derived(
    instruments.data
      ? legs
          .filter((leg) => leg.symbol && !own.instruments?.[at(leg.symbol)] && !listed.has(leg.instrument))
          .map((leg) => leg.symbol)
      : [],
  );

  function choose(symbol: string, instrument: string) {
    const others = Object.fromEntries(Object.entries(own.instruments ?? {}).filter(([one]) => one !== at(symbol)));
    own = { ...own, instruments: instrument === '' ? others : { ...others, [at(symbol)]: instrument } };
  }
</script>

<details class="mt-2 max-w-3xl" open={missing.length > 0}>
  <summary class="cursor-pointer text-sm">
    {account.name}
    {#if missing.length > 0}<span class="text-error">needs an instrument of its own for {missing.join(', ')}</span>
    {:else if differs === 0}<span class="quiet">trades as the route says</span>
    {:else}<span class="quiet">differs in {differs} {differs === 1 ? 'thing' : 'things'}</span>{/if}
  </summary>
  <div class="flex flex-col gap-3 border-l-2 border-base-300 py-2 pl-3">
    {#each legs.filter((leg) => leg.symbol.trim() !== '') as leg (leg.symbol)}
      <label class="flex flex-wrap items-center gap-2 text-sm"
        ><span class="figure w-28">{leg.symbol}</span>
        <select
          class="select w-64 select-sm"
          aria-label="Instrument of {account.name} for {leg.symbol}"
          bind:value={() => own.instruments?.[at(leg.symbol)] ?? '', (instrument: string) => choose(leg.symbol, instrument)}
        >
          <option value="">as the route: {leg.instrument || 'not chosen yet'}</option>
          {#each instruments.data ?? [] as one (one.name)}<option value={one.name}>{one.name} ({one.kind})</option>{/each}
        </select></label
      >
    {/each}
    {#each ['entry', 'exit'] as const as which (which)}
      <label class="flex items-center gap-2 text-sm font-semibold"
        ><input
          type="checkbox"
          class="checkbox checkbox-sm"
          bind:checked={
            () => own[which] != null,
            (on: boolean) => (own = { ...own, [which]: on ? structuredClone($state.snapshot(styles[which])) : null })
          }
        />Its own order style for {which === 'entry' ? 'entries' : 'exits'}</label
      >
      {#if own[which]}
        <StyleField
          name={which === 'entry' ? 'Entries go in as' : 'Exits go out as'}
          opens={which === 'entry'}
          bind:style={() => own[which] ?? { type: 'market' }, (style) => (own = { ...own, [which]: style })}
          errors={of(`account_rules.${account.id}.${which}`)}
        />
      {/if}
    {/each}
  </div>
</details>
