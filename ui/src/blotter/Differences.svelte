<script lang="ts">
  import { api, take, type Difference } from '../api/client';
  import AccountName from '../shared/AccountName.svelte';
  import Trouble from '../shared/Trouble.svelte';
  import Time from '../shared/Time.svelte';
  import { Attempt } from '../state/attempt.svelte';
  import { keys, queryClient, useDifferences } from '../state/queries';

  const differences = useDifferences();
  const attempt = new Attempt();

  const answer = (one: Difference, said: 'adopt' | 'close' | 'ignore') =>
    attempt.run(async () => {
      await take(api.POST('/differences/{difference}', { params: { path: { difference: one.id } }, body: { answer: said } }));
      await queryClient.invalidateQueries({ queryKey: keys.differences });
      await queryClient.invalidateQueries({ queryKey: keys.positions });
    });

  /** Only what the venue has too much of can be closed there. */
  const canClose = (one: Difference) => one.kind === 'order' || Math.abs(Number(one.theirs)) > Math.abs(Number(one.ours));
</script>

{#if differences.data && differences.data.length > 0}
  <section class="plate border-l-4 border-l-warning p-3" aria-label="Differences">
    <h2 class="name mb-1">The venue says otherwise</h2>
    {#each differences.data as one (one.id)}
      <div class="flex flex-wrap items-center gap-2 border-t border-base-300 py-2 text-sm">
        <span class="quiet"><Time at={one.seen_at} /></span>
        <AccountName account={one.account} />
        <span class="grow">{one.words}</span>
        {#if one.state === 'ignored'}<span class="quiet">left alone by {one.answered_by}</span>{/if}
        {#if one.kind === 'position'}<button class="btn btn-sm" disabled={attempt.busy} onclick={() => void answer(one, 'adopt')}
            >Take over the venue's</button
          >{/if}
        {#if canClose(one)}<button class="btn btn-sm" disabled={attempt.busy} onclick={() => void answer(one, 'close')}
            >{one.kind === 'order' ? 'Take it back' : 'Close it at the venue'}</button
          >{/if}
        {#if one.state === 'open'}<button
            class="btn btn-ghost btn-sm"
            disabled={attempt.busy}
            onclick={() => void answer(one, 'ignore')}>Leave it</button
          >{/if}
      </div>
    {/each}
    <Trouble {attempt} field="answer" />
  </section>
{/if}
