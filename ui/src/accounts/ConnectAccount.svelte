<script lang="ts">
  import { api, take } from '../api/client';
  import Field from '../shared/Field.svelte';
  import Trouble from '../shared/Trouble.svelte';
  import { Attempt } from '../state/attempt.svelte';
  import { keys, queryClient, useVenues } from '../state/queries';
  import Connecting from './Connecting.svelte';
  import CredentialFields from './CredentialFields.svelte';

  type Props = { onclose: () => void };
  let { onclose }: Props = $props();

  const venues = useVenues();
  let venueId = $state('');
  let name = $state('');
  let credentials = $state<Record<string, string>>({});
  const attempt = new Attempt();

  const venue = $derived(venues.data?.find((one) => one.id === venueId) ?? venues.data?.[0]);

  function connect(event: SubmitEvent) {
    event.preventDefault();
    const at = venue?.id;
    if (at === undefined) return;
    void attempt.run(async () => {
      await take(api.POST('/accounts', { body: { name, venue: at, credentials } }));
      await queryClient.invalidateQueries({ queryKey: keys.accounts });
      onclose();
    });
  }
</script>

<form class="plate flex max-w-2xl flex-col gap-3 p-4" onsubmit={connect} autocomplete="off">
  <h2 class="font-bold">Connect an account</h2>
  <div class="grid gap-3 sm:grid-cols-2">
    <Field label="Venue">
      <select class="select w-full" bind:value={() => venue?.id ?? '', (id) => (venueId = id)}>
        {#each venues.data ?? [] as one (one.id)}<option value={one.id}>{one.name}: {one.trades}</option>{/each}
      </select>
    </Field>
    <Field label="Your name for it" errors={attempt.of('name')}
      ><input class="input w-full" bind:value={name} required maxlength="80" placeholder="Quarry main" /></Field
    >
    {#if venue}<CredentialFields {venue} bind:credentials {attempt} />{/if}
  </div>
  {#if venue}
    <p class="quiet text-sm">
      Opened <a class="link" href={venue.keys_at} target="_blank" rel="noreferrer">at {venue.name}'s counter</a>. {venue.advice}
    </p>
  {/if}
  <Trouble {attempt} field="credentials" />
  {#if attempt.busy}<Connecting />{/if}
  <div class="flex gap-2">
    <button class="btn btn-primary" disabled={attempt.busy}>{attempt.busy ? 'Asking the venue …' : 'Check and connect'}</button>
    <button type="button" class="btn" onclick={onclose}>Cancel</button>
  </div>
</form>
