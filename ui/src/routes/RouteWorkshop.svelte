<script lang="ts">
  import { untrack, type Snippet } from 'svelte';
  import { type Account, type Inlet, type Route, type RouteDraft, type Rules } from '../api/client';
  import { readJson, saveJson } from '../shared/jsonFile';
  import Problem from '../shared/Problem.svelte';
  import { Attempt } from '../state/attempt.svelte';
  import { complete } from './draft';
  import History from './History.svelte';
  import Preview from './Preview.svelte';
  import RouteEditor from './RouteEditor.svelte';

  type Props = { route: Route | null; first: RouteDraft; inlets: Inlet[]; accounts: Account[]; children: Snippet };
  let { route, first, inlets, accounts, children }: Props = $props();

  let draft = $state<RouteDraft>(untrack(() => first));
  let went = $state<string | null>(null);
  const attempt = new Attempt();

  /** What was mended and saved elsewhere on the page; the rest of what is being written stays. */
  export function mend(rules: Partial<Rules>) {
    draft = { ...draft, rules: { ...draft.rules, ...rules } };
  }

  function back(to: RouteDraft) {
    draft = { ...structuredClone($state.snapshot(to)), rules: complete(structuredClone($state.snapshot(to.rules))) };
    went = 'As it was then. Save to make it hold again.';
  }

  function download() {
    const { name, rules } = $state.snapshot(draft);
    saveJson(name, 'route', { name, rules });
  }

  function read(event: Event) {
    const input = event.currentTarget as HTMLInputElement;
    const file = input.files?.[0];
    if (!file) return;
    void attempt.run(async () => {
      const given = await readJson<{ name?: unknown; rules?: unknown }>(file, input);
      const rules = given.rules as Rules | undefined;
      if (typeof rules !== 'object' || rules === null || !Array.isArray(rules.legs)) {
        throw new Error(`${file.name} is no route: it has no “rules” with legs. Choose a file that was exported here.`);
      }
      draft = { ...draft, name: typeof given.name === 'string' ? given.name : draft.name, rules: complete(rules) };
      went = `Read from ${file.name}. Look it through, then save.`;
    });
  }
</script>

{#if attempt.error}<Problem error={attempt.error} />{/if}
{#if went}<p class="rounded border-l-4 border-warning bg-base-100 px-3 py-2 text-sm" role="status">{went}</p>{/if}
<div class="grid grid-cols-1 items-start gap-6 lg:grid-cols-[minmax(0,7fr)_minmax(0,5fr)]">
  <div class="flex flex-col gap-3">
    <RouteEditor {route} bind:draft {inlets} {accounts} />
    <div class="flex flex-wrap items-center gap-2 pl-12 text-sm">
      <button type="button" class="btn btn-xs" onclick={download}>Export</button>
      <label class="btn btn-xs"
        >Import<input
          type="file"
          accept=".json,application/json"
          class="hidden"
          onchange={read}
          aria-label="Import a route"
        /></label
      >
    </div>
  </div>
  <aside class="flex flex-col gap-3 lg:sticky lg:top-2 lg:max-h-[calc(100vh-1rem)] lg:overflow-y-auto">
    <div class="plate flex flex-col gap-3 p-4">
      <Preview {draft} routeId={route?.id ?? null} />
      {@render children()}
    </div>
    {#if route}<History {route} onback={back} />{/if}
  </aside>
</div>
