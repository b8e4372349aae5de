<script lang="ts">
  import { createInfiniteQuery } from '@tanstack/svelte-query';
  import { api, take, type Verdict } from '../api/client';
  import { route } from '../router';
  import Empty from '../shared/Empty.svelte';
  import Page from '../shared/Page.svelte';
  import Problem from '../shared/Problem.svelte';
  import { keys } from '../state/queries';
  import MessageRow from './MessageRow.svelte';
  import Trace from './Trace.svelte';

  const PAGE = 50;
  const filters = [
    { name: 'Everything', value: null },
    { name: 'Sent', value: 'pass' },
    { name: 'Refused', value: 'refuse' },
    { name: 'Waits', value: 'hold' },
    { name: 'Nothing to do', value: 'nothing' },
    { name: 'Unreadable', value: 'unreadable' },
    { name: 'Unmatched', value: 'unmatched' },
  ] as const;
  type Filter = (typeof filters)[number]['value'];

  let filter = $state<Filter>(null);
  const chosen = $derived((route.params as { id?: string }).id ?? null);

  const query = $derived(
    filter === null ? {} : filter === 'unreadable' || filter === 'unmatched' ? { state: filter } : { verdict: filter as Verdict },
  );
  const messages = createInfiniteQuery(() => ({
    queryKey: [...keys.messages, filter],
    initialPageParam: null as string | null,
    queryFn: async ({ pageParam }) =>
      (
        await take(
          api.GET('/messages', { params: { query: { ...query, ...(pageParam === null ? {} : { before: pageParam }) } } }),
        )
      ).data,
    getNextPageParam: (last) => (last.length < PAGE ? null : (last.at(-1)?.id ?? null)),
  }));
  const all = $derived(messages.data?.pages.flat() ?? []);
</script>

<Page title="Journal" lead="Every message, byte for byte, and what came of it.">
  {#snippet actions()}
    <div class="join flex-wrap" role="group" aria-label="Show">
      {#each filters as option (option.name)}
        <button
          class="btn join-item btn-sm {filter === option.value ? 'btn-primary' : ''}"
          aria-pressed={filter === option.value}
          onclick={() => (filter = option.value)}>{option.name}</button
        >
      {/each}
    </div>
  {/snippet}
  {#if messages.isError}<Problem error={messages.error} again={() => void messages.refetch()} />{/if}
  <div class="grid grid-cols-1 items-start gap-3 {chosen ? 'lg:grid-cols-[minmax(0,5fr)_minmax(0,7fr)]' : ''}">
    <section class="plate overflow-hidden {chosen ? 'hidden lg:block' : ''}" aria-label="Messages">
      {#if messages.isSuccess && all.length === 0}
        <Empty title={filter === null ? 'Nothing has arrived yet' : 'Nothing of this kind'}>
          {#if filter === null}<a class="link" href="/inlets">Open an inlet</a> and send it a test message; it shows here at once.{:else}Choose
            “Everything” to see all messages.{/if}
        </Empty>
      {/if}
      <ul class="divide-y divide-base-300/60">
        {#each all as message (message.id)}
          <MessageRow {message} chosen={message.id === chosen} />
        {/each}
      </ul>
      {#if messages.hasNextPage}
        <button class="btn m-2 btn-sm" disabled={messages.isFetchingNextPage} onclick={() => void messages.fetchNextPage()}
          >Older messages</button
        >
      {/if}
    </section>
    {#if chosen}<Trace id={chosen} />{/if}
  </div>
</Page>
