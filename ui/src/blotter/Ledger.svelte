<script lang="ts" generics="Row extends { id: number }">
  import type { Snippet } from 'svelte';
  import Empty from '../shared/Empty.svelte';
  import Problem from '../shared/Problem.svelte';

  type Props = {
    title: string;
    note?: string;
    query: { data: Row[] | undefined; isError: boolean; error: unknown; refetch: () => unknown };
    emptyTitle: string;
    emptyText: string;
    head: Snippet;
    row: Snippet<[Row]>;
    tools?: Snippet;
  };
  let { title, note, query, emptyTitle, emptyText, head, row, tools }: Props = $props();
</script>

<section class="plate overflow-x-auto" aria-label={title}>
  <div class="flex flex-wrap items-center gap-2 px-3 pt-2">
    <h2 class="name">
      {title}
      {#if note}<span class="quiet font-normal normal-case">{note}</span>{/if}
    </h2>
    {#if tools}<div class="ml-auto flex flex-wrap items-center gap-2">{@render tools()}</div>{/if}
  </div>
  {#if query.isError}<Problem error={query.error} again={() => void query.refetch()} />{/if}
  {#if query.data?.length === 0}<Empty title={emptyTitle}>{emptyText}</Empty>{/if}
  {#if query.data && query.data.length > 0}
    <div class="max-h-96 overflow-y-auto">
      <table class="ledger">
        <thead class="sticky top-0 bg-base-100"><tr>{@render head()}</tr></thead>
        <tbody>
          {#each query.data as one (one.id)}<tr>{@render row(one)}</tr>{/each}
        </tbody>
      </table>
    </div>
  {/if}
</section>
