<script lang="ts">
  import type { Arm } from './stations';

  type Props = { x: number; y: number; name: string; arm: Arm };
  let { x, y, name, arm }: Props = $props();

  const turns: Record<Arm, number> = { pass: -48, refuse: 0, hold: 12, nothing: 32, unreached: 78 };
  const tones: Record<Arm, string> = {
    pass: 'text-success',
    refuse: 'text-error',
    hold: 'text-accent',
    nothing: 'text-warning',
    unreached: 'text-base-300',
  };
  const words: Record<Arm, string> = {
    pass: 'clear',
    refuse: 'stopped here',
    hold: 'waits here',
    nothing: 'nothing to do',
    unreached: 'not reached',
  };
</script>

<g class={tones[arm]} role="img" aria-label="{name}: {words[arm]}">
  <title>{name}: {words[arm]}</title>
  <path d="M{x} {y}v-38" stroke="var(--color-secondary)" stroke-width="2" />
  <g style="transform: rotate({turns[arm]}deg); transform-origin: {x}px {y - 34}px; transition: transform 350ms ease-out">
    <rect {x} y={y - 38} width="24" height="8" fill="currentColor" />
    <rect x={x + 17} y={y - 38} width="3" height="8" fill="var(--color-base-100)" opacity="0.8" />
  </g>
  <circle cx={x} cy={y - 34} r="2.500" fill="var(--color-secondary)" />
  <text
    {x}
    y={y + 17}
    text-anchor="middle"
    font-size="11"
    fill="var(--color-base-content)"
    opacity={arm === 'unreached' ? 0.62 : 1}>{name}</text
  >
</g>
