<script lang="ts">
  import { api, take, type Halt } from '../api/client';
  import Time from '../shared/Time.svelte';
  import { Attempt } from '../state/attempt.svelte';
  import { keys, queryClient } from '../state/queries';

  type Props = { halt: Halt };
  let { halt }: Props = $props();

  const attempt = new Attempt();
  let lifting = $state(false);
  let password = $state('');

  const also = $derived(
    halt.flattens
      ? 'What works is taken back and what is held is closed.'
      : halt.cancels
        ? 'What works is taken back.'
        : 'Stops and targets go on.',
  );

  function lift(event: SubmitEvent) {
    event.preventDefault();
    void attempt.run(async () => {
      await take(api.POST('/halts/{halt}/lift', { params: { path: { halt: halt.id } }, body: { password } }));
      await queryClient.invalidateQueries({ queryKey: keys.halts });
    });
  }
</script>

<section
  class="flex flex-wrap items-center gap-x-3 gap-y-1 bg-error px-4 py-1.5 text-sm text-error-content print:hidden"
  aria-label="Halted"
>
  <b class="tracking-widest">HALTED</b>
  <span
    ><b>{halt.account?.name ?? 'Everything'}</b> since <Time at={halt.begun_at} /> by {halt.begun_by}{halt.reason === ''
      ? ''
      : `: ${halt.reason}`}. No new orders. {also}</span
  >
  {#if lifting}
    <form class="ml-auto flex items-center gap-2" onsubmit={lift}>
      {#if attempt.general ?? attempt.error}<span role="alert">{attempt.of('password')[0] ?? attempt.general?.message}</span>{/if}
      <!-- svelte-ignore a11y_autofocus -->
      <input
        class="input input-sm w-44 text-base-content"
        type="password"
        autocomplete="current-password"
        placeholder="your password"
        aria-label="Your password"
        required
        autofocus
        bind:value={password}
      />
      <button class="btn btn-sm" disabled={attempt.busy}>Let orders go out</button>
      <button type="button" class="btn btn-ghost btn-sm" onclick={() => (lifting = false)}>Stay halted</button>
    </form>
  {:else}<button class="btn btn-sm ml-auto" onclick={() => (lifting = true)}>Lift</button>{/if}
</section>
