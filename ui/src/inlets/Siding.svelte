<script lang="ts">
  import { isActive } from '../router';

  const tracks = [
    { path: '/inlets', name: 'Inlets' },
    { path: '/readings', name: 'Readings' },
    { path: '/profiles', name: 'Chart profiles' },
    { path: '/symbols', name: 'Symbols' },
  ] as const;
</script>

<nav class="flex flex-wrap items-center gap-x-1 text-sm print:hidden" aria-label="What messages are understood by">
  {#each tracks as track, i (track.path)}
    {#if i > 0}<span class="quiet" aria-hidden="true">—</span>{/if}
    <a
      href={track.path}
      aria-current={isActive.startsWith(track.path) ? 'page' : undefined}
      class="rounded px-2 py-0.5 font-semibold {isActive.startsWith(track.path)
        ? 'bg-base-300/70'
        : 'quiet hover:bg-base-300/40'}">{track.name}</a
    >
  {/each}
</nav>
