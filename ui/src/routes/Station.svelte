<script lang="ts">
  import type { Snippet } from 'svelte';

  type Props = { name: string; question: string; last?: boolean; children: Snippet };
  let { name, question, last = false, children }: Props = $props();
</script>

<section class="grid grid-cols-[3rem_minmax(0,1fr)]" aria-label={name}>
  <svg viewBox="0 0 48 100" preserveAspectRatio="none" class="h-full w-12" aria-hidden="true">
    <path d="M14 0V{last ? 24 : 100}" stroke="var(--color-primary)" stroke-width="3" vector-effect="non-scaling-stroke" />
  </svg>
  <div class="relative pb-5">
    <span class="absolute top-1.5 -left-[2.6rem] size-3.5 rounded-full border-[3px] border-primary bg-base-200"></span>
    <h2 class="name quiet">{name}</h2>
    <p class="mb-1.5 font-semibold">{question}</p>
    {@render children()}
  </div>
</section>
