<script lang="ts">
  import { navigate } from '../router';
  import { useInlets, useReadings, useRoutes } from '../state/queries';
  import { places } from './places';
  import { changeTheme } from './theme';

  type Props = { open: boolean; onhalt: () => void };
  let { open = $bindable(), onhalt }: Props = $props();

  type Entry = { name: string; hint: string; act: () => void };

  const MOST = 10;
  const routes = useRoutes();
  const inlets = useInlets();
  const readings = useReadings();
  let dialog = $state<HTMLDialogElement>();
  let wanted = $state('');
  let at = $state(0);

  const openRoute = (id: string) => void navigate('/routes/:id', { params: { id } });

  const entries = $derived<Entry[]>([
    ...places.map((place) => ({ name: place.name, hint: `key ${place.key}`, act: () => void navigate(place.path) })),
    { name: 'Readings', hint: 'page', act: () => void navigate('/readings') },
    { name: 'Chart profiles', hint: 'page', act: () => void navigate('/profiles') },
    { name: 'Symbols', hint: 'page', act: () => void navigate('/symbols') },
    { name: 'Notices', hint: 'page', act: () => void navigate('/notices') },
    { name: 'New route', hint: 'make', act: () => openRoute('new') },
    ...(routes.data ?? []).map((route) => ({ name: route.name, hint: 'route', act: () => openRoute(String(route.id)) })),
    ...(inlets.data ?? []).map((inlet) => ({
      name: inlet.name,
      hint: 'inlet',
      act: () => void navigate('/inlets/:id', { params: { id: String(inlet.id) } }),
    })),
    ...(readings.data ?? []).map((reading) => ({
      name: reading.name,
      hint: 'reading',
      act: () => void navigate('/readings/:id', { params: { id: String(reading.id) } }),
    })),
    { name: 'Halt', hint: 'stop new orders', act: onhalt },
    { name: 'Day or night', hint: 'look', act: changeTheme },
  ]);
  const found = $derived(
    entries.filter((entry) => entry.name.toLowerCase().includes(wanted.trim().toLowerCase())).slice(0, MOST),
  );

  $effect(() => {
    if (!open) return;
    wanted = '';
    at = 0;
    dialog?.showModal();
  });

  function choose(entry: Entry | undefined) {
    dialog?.close();
    entry?.act();
  }

  function onkeydown(event: KeyboardEvent) {
    if (event.key === 'ArrowDown') at = Math.min(at + 1, found.length - 1);
    else if (event.key === 'ArrowUp') at = Math.max(at - 1, 0);
    else if (event.key === 'Enter') choose(found[at]);
    else return;
    event.preventDefault();
  }
</script>

<dialog bind:this={dialog} class="modal modal-top" onclose={() => (open = false)}>
  <div class="modal-box mx-auto mt-16 w-full max-w-md p-2">
    <!-- svelte-ignore a11y_autofocus -->
    <input
      class="input w-full"
      placeholder="Go to a page, a route, an inlet"
      bind:value={wanted}
      oninput={() => (at = 0)}
      {onkeydown}
      aria-label="Find"
      autofocus
    />
    <ul class="mt-1">
      {#each found as entry, i (entry.hint + entry.name)}
        <li>
          <button
            class="flex w-full justify-between rounded px-3 py-1.5 text-left text-sm {i === at
              ? 'bg-primary text-primary-content'
              : ''}"
            onclick={() => choose(entry)}
            onmouseenter={() => (at = i)}
          >
            {entry.name}<span class="opacity-70">{entry.hint}</span>
          </button>
        </li>
      {:else}
        <li class="quiet px-3 py-2 text-sm">Nothing of that name.</li>
      {/each}
    </ul>
  </div>
  <form method="dialog" class="modal-backdrop"><button>close</button></form>
</dialog>
