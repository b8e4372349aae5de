<script lang="ts">
  import type { Line } from '../api/client';
  import { live } from '../state/live.svelte';
  import Post from './Post.svelte';
  import { arms, restsAt, stations } from './stations';

  type Props = { line: Line };
  let { line }: Props = $props();

  const WIDTH = 560;
  const Y = 56;
  const FIRST = 60;
  const APART = 104;
  const END = WIDTH - 6;

  const routeState = $derived(line.route.state);
  const open = $derived(routeState === 'armed' || routeState === 'winding_down');
  const posts = $derived(arms(line.newest));
  const rest = $derived(restsAt(posts));
  const wagon = $derived(rest >= stations.length ? END - 20 : FIRST + rest * APART - 26);
  const side = $derived(line.newest?.orders.at(-1)?.side ?? null);

  // A new decision on this line starts its run at the inlet.
  let run = $state(0);
  $effect(() => {
    const decision = live.decision;
    if (decision?.route_id === line.route.id && decision.state !== 'waiting') run = decision.id;
  });
</script>

<svg viewBox="0 0 {WIDTH} 80" class="w-full" role="group" aria-label="The line of {line.route.name}">
  <path d="M0 {Y}H{WIDTH}" stroke="var(--color-base-300)" stroke-width="7" />
  <path
    d="M0 {Y}H{WIDTH}"
    stroke={open ? 'var(--color-primary)' : 'var(--color-secondary)'}
    stroke-width="2.500"
    stroke-dasharray={routeState === 'draft' ? '3 6' : routeState === 'paused' ? '14 8' : 'none'}
  />
  {#if !open}
    <rect
      x="16"
      y={Y - 12}
      width="5"
      height="24"
      fill={routeState === 'paused' ? 'var(--color-error)' : 'var(--color-secondary)'}
    />
  {/if}
  {#each stations as station, i (station.name)}
    <Post x={FIRST + i * APART} y={Y} name={station.name} arm={posts[i] ?? 'unreached'} />
  {/each}
  {#if line.newest}
    {#key `${line.newest.id}:${run}`}
      <g class="wagon" style="--to: {wagon}px">
        <rect x="0" y={Y - 9} width="22" height="12" rx="2" fill="var(--color-accent)" stroke="var(--color-base-100)" />
        <text x="11" y={Y + 0.5} text-anchor="middle" font-size="8" font-weight="700" fill="var(--color-accent-content)">
          {side === 'buy' ? '▲' : side === 'sell' ? '▼' : '•'}
        </text>
      </g>
    {/key}
  {/if}
</svg>

<style>
  .wagon {
    transform: translateX(var(--to));
    animation: run 700ms cubic-bezier(0.25, 0.1, 0.2, 1);
  }

  @keyframes run {
    from {
      transform: translateX(-24px);
    }
  }

  @media (prefers-reduced-motion: reduce) {
    .wagon {
      animation: none;
    }
  }
</style>
