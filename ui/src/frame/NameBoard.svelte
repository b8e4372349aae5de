<script lang="ts">
  import { Moon, OctagonX, Search } from '@lucide/svelte';
  import { refusal, type Me } from '../api/client';
  import { isActive } from '../router';
  import { live } from '../state/live.svelte';
  import { signOut } from '../state/session.svelte';
  import Bell from '../notices/Bell.svelte';
  import { places } from './places';
  import { changeTheme } from './theme';

  type Props = { me: Me; onpalette: () => void; onhalt: () => void };
  let { me, onpalette, onhalt }: Props = $props();

  let trouble = $state<string | null>(null);

  function leave() {
    signOut().catch((error: unknown) => (trouble = refusal(error)?.message ?? null));
  }

  const here = (place: (typeof places)[number]) =>
    place.path === '/'
      ? isActive('/')
      : isActive.startsWith(place.path) || ('also' in place && place.also.some((path) => isActive.startsWith(path)));
</script>

<header class="print:hidden border-b-4 border-primary bg-base-100">
  <div class="mx-auto flex max-w-[100rem] flex-wrap items-center gap-x-6 gap-y-1 px-4 pt-2">
    <a href="/" class="flex items-center gap-2 pb-2 text-lg font-extrabold tracking-[0.18em]"
      ><img src="/mark.svg" alt="" class="size-6" />WEXON</a
    >
    <nav class="order-last flex w-full gap-1 overflow-x-auto md:order-none md:w-auto" aria-label="Main">
      {#each places as place (place.path)}
        <a
          href={place.path}
          aria-current={here(place) ? 'page' : undefined}
          title="Key {place.key}"
          class="rounded-t px-3 pt-1 pb-2 text-sm font-semibold {here(place)
            ? 'bg-primary text-primary-content'
            : 'hover:bg-base-200'}">{place.name}</a
        >
      {/each}
    </nav>
    <div class="ml-auto flex items-center gap-2 pb-2 text-sm">
      <span class="quiet whitespace-nowrap" role="status">
        <span class="inline-block size-2 rounded-full {live.connected ? 'bg-success' : 'animate-pulse bg-error'}"></span>
        <span class={live.connected ? 'sr-only 2xl:not-sr-only' : ''}>{live.connected ? 'figures are live' : 'reconnecting'}</span
        >
      </span>
      <button class="btn btn-outline btn-error btn-sm" onclick={onhalt} title="Stop new orders, on one account or all"
        ><OctagonX class="size-4" />Halt</button
      >
      <button class="btn btn-ghost btn-sm" onclick={onpalette} title="Find and go (Ctrl K)" aria-label="Find and go"
        ><Search class="size-4" /></button
      >
      <Bell />
      <button class="btn btn-ghost btn-sm" onclick={changeTheme} title="Day or night" aria-label="Day or night"
        ><Moon class="size-4" /></button
      >
      <span class="hidden whitespace-nowrap md:inline">{me.name}, <b>{me.desk.name}</b></span>
      <button class="btn btn-ghost btn-sm" onclick={leave}>Sign out</button>
    </div>
  </div>
  {#if trouble}<p class="bg-error px-4 py-1 text-sm text-error-content" role="alert">Not signed out. {trouble}</p>{/if}
</header>
