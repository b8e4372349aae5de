<script lang="ts">
  import { Router } from 'sv-router';
  import { tinykeys } from 'tinykeys';
  import type { Me } from '../api/client';
  import { listen } from '../state/live.svelte';
  import Halted from '../control/Halted.svelte';
  import HaltForm from '../control/HaltForm.svelte';
  import { useHalts, useRoutes } from '../state/queries';
  import { navigate } from '../router';
  import NameBoard from './NameBoard.svelte';
  import Palette from './Palette.svelte';
  import { places } from './places';

  type Props = { me: Me };
  let { me }: Props = $props();

  let paletteOpen = $state(false);
  let haltOpen = $state(false);
  const halts = useHalts();
  const halted = $derived((halts.data ?? []).filter((halt) => halt.lifted_at === null));
  const routes = useRoutes();
  const liveArmed = $derived(
    (routes.data ?? []).some(
      (route) =>
        (route.state === 'armed' || route.state === 'winding_down') &&
        route.accounts.some((account) => account.environment === 'live'),
    ),
  );

  $effect(() => listen(me.desk.id));

  /** Single keys are for moving about, not for typing. */
  function unlessTyping(act: () => void) {
    return (event: KeyboardEvent) => {
      const target = event.target as HTMLElement | null;
      if (target?.closest('input, textarea, select, [contenteditable]')) return;
      event.preventDefault();
      act();
    };
  }

  $effect(() =>
    tinykeys(window, {
      '$mod+k': (event: KeyboardEvent) => {
        event.preventDefault();
        paletteOpen = true;
      },
      ...Object.fromEntries(places.map((place) => [place.key, unlessTyping(() => void navigate(place.path))])),
    }),
  );
</script>

<div class="min-h-screen {halted.length > 0 ? 'border-8 border-error' : liveArmed ? 'border-4 border-live' : ''}">
  {#each halted as halt (halt.id)}<Halted {halt} />{/each}
  {#if liveArmed}
    <p class="bg-live px-4 py-0.5 text-center text-xs font-bold tracking-widest text-base-100">LIVE MONEY IS BEING TRADED</p>
  {/if}
  <NameBoard {me} onpalette={() => (paletteOpen = true)} onhalt={() => (haltOpen = true)} />
  <main><Router /></main>
</div>
<Palette bind:open={paletteOpen} onhalt={() => (haltOpen = true)} />
<HaltForm bind:open={haltOpen} />
