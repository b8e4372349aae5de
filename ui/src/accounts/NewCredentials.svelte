<script lang="ts">
  import { api, take, type Account } from '../api/client';
  import { Attempt } from '../state/attempt.svelte';
  import { keys, queryClient, useVenues } from '../state/queries';
  import Connecting from './Connecting.svelte';
  import CredentialFields from './CredentialFields.svelte';
  import Trouble from '../shared/Trouble.svelte';

  type Props = { account: Account; onclose: () => void };
  let { account, onclose }: Props = $props();

  const venues = useVenues();
  const venue = $derived(venues.data?.find((one) => one.id === account.venue));
  let credentials = $state<Record<string, string>>({});
  const attempt = new Attempt();

  function change(event: SubmitEvent) {
    event.preventDefault();
    void attempt.run(async () => {
      await take(
        api.PUT('/accounts/{account}/credentials', { params: { path: { account: account.id } }, body: { credentials } }),
      );
      await queryClient.invalidateQueries({ queryKey: keys.accounts });
      onclose();
    });
  }
</script>

{#if venue}
  <form class="flex flex-col gap-2 rounded bg-base-200 p-3" onsubmit={change} autocomplete="off">
    <CredentialFields {venue} bind:credentials {attempt} />
    <p class="quiet text-xs">For the same account at {venue.name}. {venue.advice}</p>
    <Trouble {attempt} field="credentials" />
    {#if attempt.busy}<Connecting />{/if}
    <div class="flex gap-2">
      <button class="btn btn-primary btn-sm" disabled={attempt.busy}
        >{attempt.busy ? 'Asking the venue …' : 'Check and keep'}</button
      >
      <button type="button" class="btn btn-sm" onclick={onclose}>Cancel</button>
    </div>
  </form>
{/if}
