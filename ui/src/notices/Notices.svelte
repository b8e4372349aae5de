<script lang="ts">
  import { api, take } from '../api/client';
  import Empty from '../shared/Empty.svelte';
  import Page from '../shared/Page.svelte';
  import Problem from '../shared/Problem.svelte';
  import Time from '../shared/Time.svelte';
  import { Attempt } from '../state/attempt.svelte';
  import { keys, queryClient, useNotices } from '../state/queries';

  const notices = useNotices();
  const attempt = new Attempt();
  const words: Record<string, string> = { expiry: 'expiry', silence: 'silence', secret: 'secret', mail: 'mail' };

  const readAll = () =>
    attempt.run(async () => {
      await take(api.POST('/notices/read'));
      await queryClient.invalidateQueries({ queryKey: keys.notices });
    });
</script>

<Page title="Notices" lead="Alerts that expire or have gone silent, and what else the desk should know.">
  {#snippet actions()}<button
      class="btn btn-sm"
      disabled={attempt.busy || (notices.data?.unread ?? 0) === 0}
      onclick={() => void readAll()}>All read</button
    >{/snippet}
  {#if notices.isError}<Problem error={notices.error} again={() => void notices.refetch()} />{/if}
  {#if attempt.error}<Problem error={attempt.error} />{/if}
  <section class="plate" aria-label="Notices">
    {#if notices.data?.data.length === 0}
      <Empty title="Nothing to say">Expiring and silent alerts are named here, as soon as a route has alert slips.</Empty>
    {/if}
    <ul class="divide-y divide-base-300/60">
      {#each notices.data?.data ?? [] as notice (notice.id)}
        <li class="grid grid-cols-[9rem_5rem_minmax(0,1fr)_auto] items-baseline gap-x-3 px-3 py-2 text-sm">
          <Time at={notice.created_at} date />
          <span class="name quiet">{words[notice.kind] ?? notice.kind}</span>
          <span class={notice.read ? 'quiet' : 'font-semibold'}>{notice.words}</span>
          {#if notice.link}<a class="link" href={notice.link}>Look</a>{/if}
        </li>
      {/each}
    </ul>
  </section>
</Page>
