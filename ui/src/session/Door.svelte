<script lang="ts">
  import { api, take } from '../api/client';
  import Field from '../shared/Field.svelte';
  import Problem from '../shared/Problem.svelte';
  import { Attempt } from '../state/attempt.svelte';
  import { signedIn } from '../state/session.svelte';

  let makingDesk = $state(false);
  let given = $state({ email: '', password: '', name: '', desk: '' });
  const attempt = new Attempt();

  function enter(event: SubmitEvent) {
    event.preventDefault();
    void attempt.run(async () => {
      signedIn(await take(makingDesk ? api.POST('/desk', { body: given }) : api.POST('/session', { body: given })));
    });
  }
</script>

<svelte:head><title>{makingDesk ? 'Sign up' : 'Sign in'} · Wexon</title></svelte:head>
<main class="flex min-h-screen items-center justify-center p-4">
  <div class="w-full max-w-sm">
    <svg viewBox="0 0 320 56" class="mb-2 w-full text-primary" aria-hidden="true">
      <path d="M0 50h320" stroke="currentColor" stroke-width="3" />
      {#each [40, 120, 200, 280] as x, i (x)}
        <path d="M{x} 50V10" stroke="currentColor" stroke-width="2.500" />
        <rect
          {x}
          y="12"
          width="26"
          height="7"
          fill={i === 3 ? 'var(--color-accent)' : 'currentColor'}
          transform="rotate({i === 3 ? 0 : -45} {x} 15)"
        />
      {/each}
    </svg>
    <form class="plate flex flex-col gap-3 p-6" onsubmit={enter}>
      <h1 class="text-2xl font-extrabold tracking-[0.18em]">WEXON</h1>
      <p class="quiet -mt-2 text-sm">Alert messages in, protected orders out.</p>
      {#if attempt.general}<Problem error={attempt.general} />{/if}
      {#if makingDesk}
        <Field label="Name of the desk" errors={attempt.of('desk')}
          ><input class="input w-full" bind:value={given.desk} required maxlength="80" /></Field
        >
        <Field label="Your name" errors={attempt.of('name')}
          ><input class="input w-full" bind:value={given.name} required maxlength="80" autocomplete="name" /></Field
        >
      {/if}
      <Field label="Mail address" errors={attempt.of('email')}
        ><input class="input w-full" type="email" bind:value={given.email} required autocomplete="username" /></Field
      >
      <Field label="Password" errors={attempt.of('password')} {...makingDesk ? { hint: 'At least ten characters.' } : {}}>
        <input
          class="input w-full"
          type="password"
          bind:value={given.password}
          required
          autocomplete={makingDesk ? 'new-password' : 'current-password'}
        />
      </Field>
      <button class="btn btn-primary" disabled={attempt.busy}>{makingDesk ? 'Sign up' : 'Sign in'}</button>
      <button type="button" class="link text-sm" onclick={() => ((makingDesk = !makingDesk), (attempt.error = null))}>
        {makingDesk ? 'I have an account: sign in' : 'New here: make a desk'}
      </button>
    </form>
  </div>
</main>
