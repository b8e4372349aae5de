<script lang="ts">
  import { api, take, type Ladder, type LadderFall, type Rung } from '../api/client';
  import LadderTable from '../journal/LadderTable.svelte';
  import Figure from '../shared/Figure.svelte';
  import Problem from '../shared/Problem.svelte';
  import { Attempt } from '../state/attempt.svelte';
  import LadderField from './LadderField.svelte';

  type Props = { ladder: Ladder; rungs: Rung[]; accountId: number; instrument: string; side: 'long' | 'short' };
  let { ladder, rungs, accountId, instrument, side }: Props = $props();

  let other = $state<Ladder>({ levels: 5, distance: '1', spacing: '1', first: '1', growth: '1' });
  let fall = $state('5');
  let falls = $state<{ rungs: Rung[]; fall: LadderFall }[]>([]);
  const attempt = new Attempt();
  const rows = [
    { key: 'filled', label: 'Adds filled' },
    { key: 'units', label: 'Units' },
    { key: 'money', label: 'Money, without leverage' },
    { key: 'break_even', label: 'Break-even' },
    { key: 'loss', label: 'Loss if closed there' },
    { key: 'bounce', label: 'Bounce needed, %' },
  ] as const;

  const compare = () =>
    attempt.run(async () => {
      const entry = rungs[0];
      if (!entry) return;
      const ladders = [$state.snapshot(ladder), $state.snapshot(other)];
      const body = { account_id: accountId, instrument, side, price: entry.price, units: entry.units, fall, ladders };
      falls = (await take(api.POST('/ladders/compare', { body }))).data;
    });
</script>

<details class="mt-2 text-sm">
  <summary class="cursor-pointer font-semibold">Compare with another ladder on the same fall</summary>
  <div class="mt-2 flex flex-col gap-2">
    <LadderField bind:ladder={() => other, (next) => (other = next ?? other)} errors={[]} bare />
    <div class="flex items-end gap-2">
      <label class="flex flex-col gap-1"
        ><span class="font-semibold">The price goes against it by</span>
        <span class="flex items-center gap-1"
          ><input class="input input-sm figure w-24" inputmode="decimal" aria-label="Fall in percent" bind:value={fall} />%</span
        ></label
      >
      <button type="button" class="btn btn-sm" onclick={compare} disabled={attempt.busy}>Compare</button>
    </div>
    {#if attempt.error}<Problem error={attempt.error} />{/if}
    {#if falls[0] && falls[1]}
      {@const [mine, theirs] = [falls[0].fall, falls[1].fall]}
      <table class="ledger ledger-tight" aria-label="Ladders compared">
        <thead><tr><th>At {mine.price}</th><th class="right">This ladder</th><th class="right">The other</th></tr></thead>
        <tbody>
          {#each rows as row (row.key)}
            <tr
              ><td>{row.label}</td><td class="right"><Figure value={String(mine[row.key])} /></td><td class="right"
                ><Figure value={String(theirs[row.key])} /></td
              ></tr
            >
          {/each}
        </tbody>
      </table>
      <p class="quiet text-xs">The other ladder, level by level:</p>
      <LadderTable rungs={falls[1].rungs} />
    {/if}
  </div>
</details>
