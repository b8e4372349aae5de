<script lang="ts">
  import type { Step, Verdict } from '../api/client';

  type Props = { steps: Step[] };
  let { steps }: Props = $props();

  const names: Record<Step['station'], string> = {
    read: 'Read',
    match: 'Match',
    intent: 'Intent',
    guard: 'Guard',
    size: 'Size',
    plan: 'Plan',
    protect: 'Protect',
  };
  const bars: Record<Verdict, string> = {
    pass: 'border-success',
    refuse: 'border-error',
    hold: 'border-accent',
    nothing: 'border-warning',
  };
</script>

<ol class="flex flex-col gap-1">
  {#each steps as step, i (i)}
    <li class="grid grid-cols-[4rem_minmax(0,1fr)] gap-x-2 border-l-4 pl-2 text-sm {bars[step.verdict]}">
      <span class="name quiet pt-0.5">{names[step.station]}</span>
      <div>
        <p class="break-words {step.verdict === 'pass' ? '' : 'font-semibold'}">{step.sentence}</p>
        {#if Object.keys(step.numbers).length > 0}
          <p class="figure quiet flex flex-wrap gap-x-4 text-xs">
            {#each Object.entries(step.numbers) as [name, value] (name)}<span
                >{name} <b class="font-semibold text-base-content">{value}</b></span
              >{/each}
          </p>
        {/if}
      </div>
    </li>
  {/each}
</ol>
