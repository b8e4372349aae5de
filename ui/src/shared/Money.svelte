<script lang="ts">
  import { fixed, grouped, sign } from './decimal';

  type Props = { amount: string | null; currency: string; signed?: boolean; digits?: number };
  let { amount, currency, signed = false, digits = 2 }: Props = $props();

  const shown = $derived(amount === null ? null : grouped(fixed(amount, digits)));
  const tone = $derived(!signed || amount === null ? '' : sign(amount) > 0 ? 'text-long' : sign(amount) < 0 ? 'text-short' : '');
</script>

<span class="figure {tone}"
  >{#if shown === null}<span class="quiet">no price</span>{:else}{signed && amount !== null && sign(amount) > 0
      ? '+'
      : ''}{shown}&nbsp;<span class="quiet text-[0.85em]">{currency}</span>{/if}</span
>
