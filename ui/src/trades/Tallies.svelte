<script lang="ts">
  import Figure from '../shared/Figure.svelte';
  import Money from '../shared/Money.svelte';
  import Problem from '../shared/Problem.svelte';
  import { useTallies } from '../state/queries';
  import MoneyCurve from './MoneyCurve.svelte';

  const ways = { route: 'Route', instrument: 'Instrument', day: 'Day', reason: 'Out by' } as const;
  let by = $state<keyof typeof ways>('route');
  let days = $state(30);
  let live = $state(false);

  const tallies = useTallies(() => ({ by, days, live }));
</script>

<section class="plate flex flex-col gap-3 p-3" aria-label="What the trades came to">
  <div class="flex flex-wrap items-center gap-2 text-sm">
    <h2 class="name mr-2">What they came to</h2>
    <label class="flex items-center gap-1"
      >by <select class="select w-36 select-sm" bind:value={by}
        >{#each Object.entries(ways) as [value, words] (value)}<option {value}>{words.toLowerCase()}</option>{/each}</select
      ></label
    >
    <label class="flex items-center gap-1"
      >over <select class="select w-32 select-sm" bind:value={days}
        ><option value={1}>today</option><option value={7}>7 days</option><option value={30}>30 days</option><option value={365}
          >a year</option
        ></select
      ></label
    >
    <label class="flex items-center gap-1"
      >on <select class="select w-36 select-sm" bind:value={live}
        ><option value={false}>practice</option><option value={true}>live money</option></select
      ></label
    >
  </div>
  {#if tallies.error}<Problem error={tallies.error} />{/if}
  {#if tallies.data?.length === 0}<p class="quiet p-4 text-center text-sm">No trade was closed in this time.</p>{/if}
  {#each tallies.data ?? [] as money (money.currency)}
    <div class="grid gap-3 border-t border-base-300 pt-3 xl:grid-cols-[1fr_24rem]">
      <div class="overflow-x-auto">
        <table class="ledger">
          <thead
            ><tr
              ><th>{ways[by]}, in {money.currency}</th><th class="right">Trades</th><th class="right">Won</th><th class="right"
                >Average win</th
              ><th class="right">Average loss</th><th class="right" title="Gains ÷ losses">Profit factor</th><th
                class="right"
                title="From a peak of the sum">Largest fall</th
              ><th class="right" title="Sum of profit ÷ first risk">× risk</th><th class="right">Profit</th></tr
            ></thead
          >
          <tbody>
            {#each [...money.rows, { name: 'All', tally: money.all }] as row, i (row.name + i)}
              <tr class={i === money.rows.length ? 'border-t-2 border-base-300 font-semibold' : ''}>
                <td>{row.name}</td>
                <td class="right"><Figure value={String(row.tally.count)} /></td>
                <td class="right"><Figure value={row.tally.win_share} /> %</td>
                <td class="right"><Figure value={row.tally.average_win ?? '–'} /></td>
                <td class="right"><Figure value={row.tally.average_loss ?? '–'} /></td>
                <td class="right"><Figure value={row.tally.profit_factor ?? '–'} /></td>
                <td class="right"><Figure value={row.tally.largest_fall} /></td>
                <td class="right"><Figure value={row.tally.multiple ?? '–'} /></td>
                <td class="right"><Money amount={row.tally.profit} currency={money.currency} signed /></td>
              </tr>
            {/each}
          </tbody>
        </table>
      </div>
      <MoneyCurve curve={money.curve} currency={money.currency} />
    </div>
  {/each}
</section>
