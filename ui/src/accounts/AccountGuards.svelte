<script lang="ts">
  import { untrack } from 'svelte';
  import { api, take, type Account, type Guards } from '../api/client';
  import GuardsField from '../control/GuardsField.svelte';
  import { howMany, trimmed } from '../control/guards';
  import Problem from '../shared/Problem.svelte';
  import { Attempt } from '../state/attempt.svelte';
  import { keys, queryClient } from '../state/queries';

  type Props = { account: Account };
  let { account }: Props = $props();

  const attempt = new Attempt();
  let guards = $state<Guards>(untrack(() => structuredClone($state.snapshot(account.guards))));
  let saved = $state(false);

  function save(event: SubmitEvent) {
    event.preventDefault();
    saved = false;
    void attempt.run(async () => {
      await take(
        api.PUT('/accounts/{account}/guards', {
          params: { path: { account: account.id } },
          body: { guards: trimmed($state.snapshot(guards)) },
        }),
      );
      saved = true;
      await queryClient.invalidateQueries({ queryKey: keys.accounts });
    });
  }
</script>

<details class="text-sm">
  <summary class="cursor-pointer font-semibold"
    >Limits for all its routes{howMany(account.guards) > 0 ? `: ${howMany(account.guards)} set` : ''}</summary
  >
  <form class="mt-3 flex flex-col gap-3" onsubmit={save} oninput={() => (saved = false)}>
    <GuardsField bind:guards whose="account" of={(field) => attempt.of(`guards.${field}`)} />
    {#if attempt.error}<Problem error={attempt.error} />{/if}
    <span class="flex items-center gap-3"
      ><button class="btn btn-primary btn-sm" disabled={attempt.busy}>Save the limits</button><span class="quiet" role="status"
        >{saved ? 'Saved.' : ''}</span
      ></span
    >
  </form>
</details>
