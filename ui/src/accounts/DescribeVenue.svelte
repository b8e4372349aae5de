<script lang="ts">
  import { api, take } from '../api/client';
  import Problem from '../shared/Problem.svelte';
  import { Attempt } from '../state/attempt.svelte';
  import { keys, queryClient, useVenues } from '../state/queries';

  type Props = { onclose: () => void };
  let { onclose }: Props = $props();

  const venues = useVenues();
  const attempt = new Attempt();
  let text = $state('');
  const described = $derived((venues.data ?? []).filter((venue) => venue.described));

  async function read(event: Event) {
    const input = event.currentTarget as HTMLInputElement;
    const file = input.files?.[0];
    if (file) text = await file.text();
    input.value = '';
  }

  function describe(event: SubmitEvent) {
    event.preventDefault();
    void attempt.run(async () => {
      let spec: Record<string, unknown>;
      try {
        spec = JSON.parse(text) as Record<string, unknown>;
      } catch (trouble) {
        throw new Error(`This is no JSON: ${trouble instanceof Error ? trouble.message : String(trouble)}`);
      }
      await take(api.POST('/venues', { body: { spec } }));
      await queryClient.invalidateQueries({ queryKey: keys.venues });
      onclose();
    });
  }

  const forget = (venue: string) =>
    attempt.run(async () => {
      await take(api.DELETE('/venues/{venue}', { params: { path: { venue } } }));
      await queryClient.invalidateQueries({ queryKey: keys.venues });
    });
</script>

<form class="plate flex max-w-3xl flex-col gap-3 p-4" onsubmit={describe}>
  <h2 class="font-bold">Describe a venue</h2>
  <p class="quiet text-sm">
    A file that says where the venue answers, how requests are signed, and where the values in its answers are. Then accounts can
    be connected there like anywhere else. <a class="link" href="/api/v1/schemas/venue-1" target="_blank">The schema</a>; how it
    is written stands in docs/venues.md.
  </p>
  <textarea
    class="textarea figure w-full text-xs whitespace-pre"
    rows="10"
    bind:value={text}
    required
    spellcheck="false"
    aria-label="Description"
    placeholder={'{ "name": "My venue", "base": "https://…", "credentials": …'}></textarea>
  {#each Object.entries(attempt.error?.fields ?? {}) as [where, words] (where)}
    <p class="text-sm text-error" role="alert"><b>{where.replace(/^spec\.?/, '') || 'description'}</b>: {words.join(' ')}</p>
  {/each}
  {#if attempt.general}<Problem error={attempt.general} />{/if}
  <div class="flex flex-wrap gap-2">
    <button class="btn btn-primary" disabled={attempt.busy}>Take it</button>
    <label class="btn"
      >From a file<input
        type="file"
        accept=".json,application/json"
        class="hidden"
        onchange={(event) => void read(event)}
      /></label
    >
    <button type="button" class="btn" onclick={onclose}>Cancel</button>
  </div>
  {#if described.length > 0}
    <ul class="border-t border-base-300 pt-2 text-sm">
      {#each described as venue (venue.id)}
        <li class="flex items-center gap-2">
          {venue.name}<span class="figure quiet text-xs">{venue.id}</span>
          <button type="button" class="btn ml-auto btn-ghost btn-xs" onclick={() => void forget(venue.id)}>Take out</button>
        </li>
      {/each}
    </ul>
  {/if}
</form>
