<script lang="ts">
  import { api, take, type Notice } from '../api/client';
  import Channels from './Channels.svelte';
  import { kindWords, type Kind } from './kinds';
  import Empty from '../shared/Empty.svelte';
  import Page from '../shared/Page.svelte';
  import Problem from '../shared/Problem.svelte';
  import Time from '../shared/Time.svelte';
  import { Attempt } from '../state/attempt.svelte';
  import { keys, queryClient, useNotices } from '../state/queries';

  const notices = useNotices();
  const attempt = new Attempt();

  /** What is of one kind and has the same link stands together, the newest on top. */
  const key = (notice: Notice) => `${notice.kind} ${notice.link ?? ''} ${notice.read}`;
  const groups = $derived.by(() => {
    const all = notices.data?.data ?? [];
    return [...new Set(all.map(key))].map((one) => all.filter((notice) => key(notice) === one));
  });
  let opened = $state<Record<number, boolean>>({});

  const readAll = () =>
    attempt.run(async () => {
      await take(api.POST('/notices/read'));
      await queryClient.invalidateQueries({ queryKey: keys.notices });
    });
</script>

<Page title="Notices" lead="What the desk should know, and where else it is told.">
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
      {#each groups as group (group[0]?.id)}
        {#each group.slice(0, opened[group[0]?.id ?? 0] ? undefined : 1) as notice, i (notice.id)}
          <li class="grid grid-cols-[9rem_8rem_minmax(0,1fr)_auto] items-baseline gap-x-3 px-3 py-2 text-sm">
            <Time at={notice.created_at} date />
            <span class="name quiet">{i === 0 ? (kindWords[notice.kind as Kind] ?? notice.kind) : ''}</span>
            <span class={notice.read ? 'quiet' : 'font-semibold'}
              >{notice.words}
              {#if i === 0 && group.length > 1}<button
                  class="link quiet text-xs font-normal"
                  onclick={() => (opened[notice.id] = !opened[notice.id])}
                  >{opened[notice.id] ? 'only the newest' : `and ${group.length - 1} before it`}</button
                >{/if}</span
            >
            {#if notice.link}<a class="link" href={notice.link}>Look</a>{/if}
          </li>
        {/each}
      {/each}
    </ul>
  </section>
  <Channels />
</Page>
