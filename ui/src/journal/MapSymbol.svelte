<script lang="ts">
  import { api, take, type Message } from '../api/client';
  import { navigate } from '../router';
  import Problem from '../shared/Problem.svelte';
  import { Attempt } from '../state/attempt.svelte';
  import { keys, queryClient } from '../state/queries';

  type Props = { message: Message };
  let { message }: Props = $props();

  type Suggestion = Message['suggestions'][number];
  const attempt = new Attempt();
  let chosen = $state<Suggestion | null>(null);

  const mapAndRun = (suggestion: Suggestion, dry: boolean) =>
    attempt.run(async () => {
      const { symbol, venue, instrument } = suggestion;
      await take(api.PUT('/symbols/links', { body: { symbol, venue, instrument } }));
      const again = await take(
        api.POST('/messages/{message}/again', { params: { path: { message: message.id } }, body: { dry } }),
      );
      await queryClient.invalidateQueries({ queryKey: keys.symbols });
      await navigate('/journal/:id', { params: { id: again.id } });
    });
</script>

<div class="flex flex-col gap-1">
  {#each message.suggestions as suggestion, i (suggestion.venue + suggestion.instrument)}
    <div class="flex flex-wrap items-center gap-2">
      <span
        >Is <b>{suggestion.symbol}</b> the {suggestion.leg} of “{suggestion.route}”, {suggestion.instrument} at {suggestion.venue}?</span
      >
      {#if chosen === suggestion}
        <span>Armed routes will send orders.</span>
        <button class="btn btn-error btn-xs" disabled={attempt.busy} onclick={() => void mapAndRun(suggestion, false)}
          >Map it and send</button
        >
        <button class="btn btn-xs" onclick={() => (chosen = null)}>No</button>
      {:else}
        <button
          class="btn btn-xs {i === 0 ? 'btn-primary' : ''}"
          disabled={attempt.busy}
          onclick={() => void mapAndRun(suggestion, true)}>Map it, dry run</button
        >
        <button class="btn btn-xs" onclick={() => (chosen = suggestion)}>Map it and run it for real</button>
      {/if}
    </div>
  {/each}
  {#if attempt.error}<Problem error={attempt.error} />{/if}
</div>
