<script lang="ts">
  import { api, take, type Inlet } from '../api/client';
  import Problem from '../shared/Problem.svelte';
  import { Attempt } from '../state/attempt.svelte';
  import { keys, queryClient, useReadings } from '../state/queries';

  type Props = { inlet: Inlet };
  let { inlet }: Props = $props();

  const readings = useReadings();
  const attempt = new Attempt();

  const choose = (reading: number | null) =>
    attempt.run(async () => {
      await take(api.PUT('/inlets/{inlet}', { params: { path: { inlet: inlet.id } }, body: { reading_id: reading } }));
      await queryClient.invalidateQueries({ queryKey: keys.inlets });
    });
</script>

<section class="plate flex flex-col gap-2 p-4" aria-label="How messages are read">
  <h2 class="name quiet">How messages are read</h2>
  <div class="flex flex-wrap items-center gap-2">
    <select
      class="select w-72"
      aria-label="Reading"
      bind:value={() => inlet.reading?.id ?? 0, (value: number) => void choose(value === 0 ? null : value)}
    >
      <option value={0}>Wexon's own form only</option>
      {#each readings.data ?? [] as reading (reading.id)}<option value={reading.id}>{reading.name}</option>{/each}
    </select>
    {#if inlet.reading}<a class="btn btn-sm" href="/readings/{inlet.reading.id}">Open it</a>{/if}
    <a class="btn btn-sm" href="/readings/new?inlet={inlet.id}">Teach a new shape</a>
  </div>
  <p class="quiet text-xs">
    Wexon's own form is understood at every inlet. A reading says how messages of another shape, as your charting platform or
    script sends them, are understood.
  </p>
  {#if attempt.error}<Problem error={attempt.error} />{/if}
</section>
