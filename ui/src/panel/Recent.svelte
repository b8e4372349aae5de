<script lang="ts">
  import type { Decision } from '../api/client';
  import Time from '../shared/Time.svelte';
  import VerdictMark from '../shared/VerdictMark.svelte';

  type Props = { decisions: Decision[] };
  let { decisions }: Props = $props();
</script>

<section class="plate" aria-label="Last decisions">
  <h2 class="name px-3 pt-2 pb-1">Last decisions</h2>
  <ul class="divide-y divide-base-300/60 text-sm">
    {#each decisions as decision (decision.id)}
      <li>
        <a class="block px-3 py-1 hover:bg-base-200" href="/journal/{decision.message}">
          <span class="flex items-center gap-2 text-xs">
            <Time at={decision.decided_at} /><VerdictMark verdict={decision.verdict} dry={decision.dry} />
            <span class="quiet ml-auto truncate">{decision.route?.name ?? 'deleted route'}{decision.dry ? ' – dry run' : ''}</span
            >
          </span>
          <span class="line-clamp-2 text-[0.8rem] leading-snug">{decision.summary}</span>
        </a>
      </li>
    {:else}
      <li class="quiet px-3 pb-3 text-sm">No signal has been decided yet.</li>
    {/each}
  </ul>
</section>
