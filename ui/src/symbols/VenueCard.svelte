<script lang="ts">
  import { untrack } from 'svelte';
  import { api, take, type VenueSymbols } from '../api/client';
  import Field from '../shared/Field.svelte';
  import Problem from '../shared/Problem.svelte';
  import { Attempt } from '../state/attempt.svelte';
  import { keys, queryClient, useInstruments } from '../state/queries';

  type Props = { venue: VenueSymbols };
  let { venue }: Props = $props();

  const instruments = useInstruments(() => venue.venue);
  const attempt = new Attempt();
  const ruling = new Attempt();
  let symbol = $state('');
  let instrument = $state('');
  let guesses = $state<string[]>([]);
  let prefixes = $state(untrack(() => venue.prefixes.join(', ')));
  let suffixes = $state(untrack(() => venue.suffixes.join(', ')));
  let saved = $state(false);

  const listOf = (text: string) => text.split(/[,\s]+/).filter((part) => part !== '');
  const refresh = () => queryClient.invalidateQueries({ queryKey: keys.symbols });

  /** A guess fills the instrument in; it counts once it is confirmed. */
  async function guess() {
    if (symbol.trim() === '') return;
    guesses = (await take(api.GET('/symbols/guess', { params: { query: { venue: venue.venue, symbol: symbol.trim() } } }))).data;
    instrument = guesses[0] ?? instrument;
  }

  function confirm(event: SubmitEvent) {
    event.preventDefault();
    void attempt.run(async () => {
      await take(api.PUT('/symbols/links', { body: { venue: venue.venue, symbol, instrument } }));
      symbol = instrument = '';
      guesses = [];
      await refresh();
    });
  }

  const unlink = (link: number) =>
    attempt.run(async () => {
      await take(api.DELETE('/symbols/links/{link}', { params: { path: { link } } }));
      await refresh();
    });

  function saveRules(event: SubmitEvent) {
    event.preventDefault();
    saved = false;
    void ruling.run(async () => {
      await take(
        api.PUT('/symbols/rules', { body: { venue: venue.venue, prefixes: listOf(prefixes), suffixes: listOf(suffixes) } }),
      );
      saved = true;
      await refresh();
    });
  }
</script>

<section class="plate flex flex-col gap-3 p-4" aria-label={venue.venue}>
  <h2 class="font-bold capitalize">{venue.venue}</h2>
  <form class="flex flex-wrap items-end gap-2" onsubmit={saveRules}>
    <Field label="Written before the ticker" errors={ruling.of('prefixes')}
      ><input class="input figure input-sm w-44" bind:value={prefixes} placeholder="QS:" /></Field
    >
    <Field label="Written behind it" errors={ruling.of('suffixes')}
      ><input class="input figure input-sm w-44" bind:value={suffixes} placeholder=".P" /></Field
    >
    <button class="btn btn-sm" disabled={ruling.busy}>Save the rules</button>
    <span class="quiet pb-1 text-xs" role="status"
      >{saved ? 'Saved.' : 'What stands here does not count: QS:MARLUSD.P is MARLUSD.'}</span
    >
    {#if ruling.general}<Problem error={ruling.general} />{/if}
  </form>
  <form class="flex flex-wrap items-end gap-2 border-t border-base-300 pt-3" onsubmit={confirm}>
    <Field label="Chart's ticker" errors={attempt.of('symbol')}
      ><input
        class="input input-sm w-44"
        bind:value={symbol}
        required
        maxlength="64"
        onchange={() => void guess()}
        placeholder="MARLUSD"
      /></Field
    >
    <span class="quiet pb-1" aria-hidden="true">→</span>
    <Field label="Instrument" errors={attempt.of('instrument')}
      ><select class="select select-sm w-52" bind:value={instrument} required
        ><option value="" disabled>choose</option>{#each instruments.data ?? [] as one (one.name)}<option value={one.name}
            >{one.name} ({one.kind}){guesses[0] === one.name ? ' – guessed' : ''}</option
          >{/each}</select
      ></Field
    >
    <button class="btn btn-primary btn-sm" disabled={attempt.busy}>Confirm</button>
    {#if attempt.general}<Problem error={attempt.general} />{/if}
  </form>
  {#if venue.links.length === 0}
    <p class="quiet text-sm">
      No link yet. Routes take the tickers that are written in them; here stand other names for the same things. An unknown symbol
      in a message can be mapped from the Journal with one click.
    </p>
  {:else}
    <table class="ledger">
      <thead><tr><th>Chart's ticker</th><th>Instrument</th><th></th></tr></thead>
      <tbody>
        {#each venue.links as link (link.id)}
          <tr>
            <td class="font-semibold">{link.symbol}</td>
            <td>{link.instrument}</td>
            <td class="right"
              ><button class="btn btn-ghost btn-xs" aria-label="Forget {link.symbol}" onclick={() => void unlink(link.id)}
                >✕</button
              ></td
            >
          </tr>
        {/each}
      </tbody>
    </table>
  {/if}
</section>
