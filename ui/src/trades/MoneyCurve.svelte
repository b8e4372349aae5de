<script lang="ts">
  import { grouped } from '../shared/decimal';

  type Props = { curve: { at: string; sum: string }[]; currency: string };
  let { curve, currency }: Props = $props();

  const WIDTH = 360;
  const HEIGHT = 110;
  const sums = $derived([0, ...curve.map((point) => Number(point.sum))]);
  const top = $derived(Math.max(...sums));
  const bottom = $derived(Math.min(...sums));
  const span = $derived(top - bottom || 1);
  const x = (i: number) => (sums.length < 2 ? 0 : (i / (sums.length - 1)) * WIDTH);
  const y = (sum: number) => 8 + (1 - (sum - bottom) / span) * (HEIGHT - 16);
  /** In steps: between two trades nothing is won or lost. */
  const path = $derived(sums.map((sum, i) => (i === 0 ? `M0 ${y(sum)}` : `H${x(i)} V${y(sum)}`)).join(' '));
  const last = $derived(sums.at(-1) ?? 0);
</script>

<figure class="flex flex-col gap-1">
  <svg viewBox="0 0 {WIDTH} {HEIGHT}" class="w-full" role="img" aria-label="Sum of profits in {currency}, trade by trade">
    <path d="M0 {y(0)}H{WIDTH}" stroke="var(--color-base-300)" stroke-width="1" stroke-dasharray="3 3" fill="none" />
    <path d={path} stroke={last < 0 ? 'var(--short)' : 'var(--long)'} stroke-width="1.8" fill="none" />
  </svg>
  <figcaption class="quiet flex justify-between text-xs">
    <span>lowest <span class="figure">{grouped(bottom.toFixed(2))}</span></span><span
      >highest <span class="figure">{grouped(top.toFixed(2))}</span></span
    ><span>now <span class="figure">{grouped(last.toFixed(2))}</span> {currency}</span>
  </figcaption>
</figure>
