<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api, take, type Finding, type Route, type Rules } from '../api/client';
  import Problem from '../shared/Problem.svelte';
  import { Attempt } from '../state/attempt.svelte';
  import { keys, queryClient } from '../state/queries';
  import { draftOf } from './draft';

  type Props = { route: Route; onmended: (rules: Partial<Rules>) => void };
  let { route, onmended }: Props = $props();

  const attempt = new Attempt();
  let opened = $state<Record<string, boolean>>({});
  const findings = createQuery(() => ({
    queryKey: ['route', route.id, 'preflight', route.updated_at],
    queryFn: async () => (await take(api.GET('/routes/{route}/preflight', { params: { path: { route: route.id } } }))).data,
  }));
  const of = (level: Finding['level']) => (findings.data ?? []).filter((finding) => finding.level === level);
  const must = $derived(of('must_fix'));
  const look = $derived(of('look_again'));
  const fine = $derived(of('fine'));
  const levels = [
    { level: 'must_fix', name: 'Must be mended', sign: '✕', tone: 'text-error' },
    { level: 'look_again', name: 'Look again', sign: '!', tone: 'text-warning' },
    { level: 'fine', name: 'Fine', sign: '✓', tone: 'text-success' },
  ] as const;
  /** One line for each check of a level; what it says of further symbols and accounts is opened on demand. */
  const lines = $derived(
    levels.flatMap((level) =>
      [...new Set(of(level.level).map((finding) => finding.check))].map((check) => ({
        ...level,
        check,
        list: of(level.level).filter((finding) => finding.check === check),
      })),
    ),
  );
  const told = $derived(
    [
      { count: must.length, words: 'must be mended', tone: 'text-error' },
      { count: look.length, words: 'to look at again', tone: 'text-warning' },
      { count: fine.length, words: 'fine', tone: 'text-success' },
    ].filter((one) => one.count > 0),
  );

  const mend = (finding: Finding) =>
    attempt.run(async () => {
      const draft = draftOf(route);
      const rules = finding.mend?.rules as Partial<Rules>;
      const body = { ...draft, rules: { ...draft.rules, ...rules } };
      await take(api.PUT('/routes/{route}', { params: { path: { route: route.id } }, body }));
      onmended(rules);
      await Promise.all([keys.routes, keys.panel, keys.route].map((queryKey) => queryClient.invalidateQueries({ queryKey })));
    });
</script>

<details class="plate p-3 text-sm" open={route.state === 'draft' || must.length > 0}>
  <summary class="cursor-pointer font-semibold" aria-label="Preflight"
    >Preflight {#each told as one (one.words)}<span class="ml-2 {one.tone}">{one.count} {one.words}</span>{/each}</summary
  >
  {#if findings.isError}<Problem error={findings.error} again={() => void findings.refetch()} />{/if}
  <div class="mt-2 flex flex-col gap-1">
    {#each lines as line (line.level + line.check)}
      {#each line.list.slice(0, opened[line.level + line.check] ? undefined : 1) as finding, i (finding.words)}
        <p class="grid grid-cols-[1.2rem_8rem_minmax(0,1fr)_auto] items-baseline gap-x-2">
          <b class={line.tone} title={line.name}>{i === 0 ? line.sign : ''}</b><span class="quiet"
            >{i === 0 ? line.check : ''}</span
          ><span
            >{finding.words}
            {#if i === 0 && line.list.length > 1}<button
                type="button"
                class="link quiet text-xs"
                onclick={() => (opened[line.level + line.check] = !opened[line.level + line.check])}
                >{opened[line.level + line.check] ? 'only the first' : `and ${line.list.length - 1} more like it`}</button
              >{/if}</span
          >{#if finding.mend}<button type="button" class="btn btn-xs" disabled={attempt.busy} onclick={() => void mend(finding)}
              >{finding.mend.label}</button
            >{/if}
        </p>
      {/each}
    {/each}
    {#if attempt.error}<Problem error={attempt.error} />{/if}
  </div>
</details>
