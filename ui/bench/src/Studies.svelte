<script lang="ts">
  import { bench } from './bench.svelte';
  import Numbers from './Numbers.svelte';

  let chosen = $state('');
  let opened = $state<number | null>(null);

  function add() {
    const kind = bench.lists?.studies[chosen];
    if (kind === undefined) return;
    const usual = Object.fromEntries(Object.entries(kind.parameters).map(([name, parameter]) => [name, parameter.usual]));
    bench.studies.push({ study: chosen, parameters: usual });
    chosen = '';
    void bench.draw();
  }

  const remove = (i: number) => {
    bench.studies.splice(i, 1);
    opened = null;
    void bench.draw();
  };
</script>

<div class="flex flex-wrap items-center gap-2">
  {#each bench.studies as study, i (i)}
    {@const kind = bench.lists?.studies[study.study]}
    <span class="sheet relative inline-flex items-center gap-1 px-2 py-0.5">
      <button type="button" class="cursor-pointer" aria-expanded={opened === i} onclick={() => (opened = opened === i ? null : i)}
        >{kind?.label} <span class="figure">{Object.values(study.parameters).join(', ')}</span></button
      >
      <button
        type="button"
        class="quiet cursor-pointer px-1"
        aria-label="Take {kind?.label} off the chart"
        onclick={() => remove(i)}>×</button
      >
      {#if opened === i && kind}
        <span class="sheet absolute top-full left-0 z-10 mt-1 flex w-64 flex-col gap-1 p-2 shadow">
          <Numbers kinds={kind.parameters} bind:values={study.parameters} onchange={() => void bench.draw()} />
        </span>
      {/if}
    </span>
  {/each}
  <select class="select w-44 select-xs" bind:value={chosen} onchange={add} aria-label="Add a study">
    <option value="">+ study</option>
    {#each Object.entries(bench.lists?.studies ?? {}) as [name, kind] (name)}<option value={name}>{kind.label}</option>{/each}
  </select>
</div>
