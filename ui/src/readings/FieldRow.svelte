<script lang="ts">
  import type { FieldRule, FieldTrace } from '../api/client';
  import type { ReadingWork } from './draft.svelte';
  import { intents } from './intents';

  type Props = {
    work: ReadingWork;
    field: { name: string; label: string; says: string; units: string[] };
    sources: FieldRule['from'][];
    trace: FieldTrace | undefined;
  };
  let { work, field, sources, trace }: Props = $props();

  const placeholders: Record<FieldRule['from'], string> = {
    key: 'action',
    path: 'order.side',
    column: '1',
    pattern: 'price (\\d+)',
    constant: 'MARL/USD',
    expression: 'round(price * 0.98, 2)',
  };
  let open = $state(false);
  let found = $state('');
  let meant = $state('');
  const rule = $derived(work.spec.fields[field.name]);
  const translations = $derived(Object.entries(rule?.translate ?? {}));
  const offers = $derived(field.name === 'do' ? intents : field.name === 'side' ? (['long', 'short'] as const) : []);

  function addTranslation() {
    if (found.trim() === '' || meant.trim() === '') return;
    work.translate(field.name, found, meant.trim());
    found = meant = '';
  }

  function drop(word: string) {
    if (!rule) return;
    rule.translate = Object.fromEntries(translations.filter(([name]) => name !== word));
  }
</script>

{#if rule}
  <li class="border-b border-base-300/60 py-1.5" data-field={field.name}>
    <div
      class="grid grid-cols-[6rem_minmax(0,1fr)_auto_auto] items-center gap-x-2 gap-y-1 text-sm sm:grid-cols-[8.5rem_6.5rem_minmax(0,1fr)_auto_auto]"
    >
      <span class="col-span-full font-semibold sm:col-span-1" title={field.says}>{field.label}</span>
      <select class="select select-xs" bind:value={rule.from} aria-label="Where {field.label} comes from"
        >{#each sources as source (source)}<option>{source}</option>{/each}</select
      >
      <input
        class="input figure input-xs w-full"
        bind:value={rule.at}
        placeholder={placeholders[rule.from]}
        maxlength="300"
        spellcheck="false"
        aria-label="{field.label}: which {rule.from}"
      />
      <button type="button" class="btn btn-ghost btn-xs" aria-expanded={open} onclick={() => (open = !open)}
        >{translations.length > 0 ? `${translations.length} words` : 'more'}</button
      >
      <button
        type="button"
        class="btn btn-ghost btn-xs"
        aria-label="Take {field.label} out"
        onclick={() => work.unassign(field.name)}>✕</button
      >
    </div>
    {#if trace?.error}
      <p class="sm:pl-[9rem] text-xs text-error" role="alert">
        {trace.error}
        {#if trace.nearest !== null && trace.found !== null}
          <button
            type="button"
            class="btn btn-xs"
            onclick={() => work.translate(field.name, trace.found ?? '', trace.nearest ?? '')}
            >“{trace.found}” means {trace.nearest}</button
          >{/if}
      </p>
    {:else if trace && trace.value !== null}
      <p class="figure truncate sm:pl-[9rem] text-xs">
        {#if trace.found !== null && trace.found !== trace.value}<span class="quiet">{trace.found} →</span>{/if}
        <b>{trace.value}</b>{rule.unit ? ` ${rule.unit}` : ''}
      </p>
    {:else}<p class="quiet sm:pl-[9rem] text-xs">not in this message</p>{/if}
    {#if open}
      <div class="mt-1 sm:ml-[9rem] flex flex-col gap-1.5 rounded bg-base-200 p-2 text-xs">
        <div class="flex flex-wrap items-center gap-3">
          {#if field.units.length > 0}<label class="flex items-center gap-1"
              >a bare number is <select
                class="select select-xs w-40"
                bind:value={
                  () => rule.unit ?? field.units[0] ?? '', (unit: string) => (rule.unit = unit === field.units[0] ? null : unit)
                }
                >{#each field.units as unit (unit)}<option>{unit}</option>{/each}</select
              ></label
            >{/if}
          <label class="flex items-center gap-1"
            ><input
              type="checkbox"
              class="checkbox checkbox-xs"
              bind:checked={() => rule.required ?? false, (on: boolean) => (rule.required = on)}
            />required</label
          >
          <label class="flex items-center gap-1"
            >when missing <input
              class="input input-xs w-28"
              bind:value={() => rule.default ?? '', (text: string) => (rule.default = text === '' ? null : text)}
              maxlength="120"
            /></label
          >
        </div>
        {#each translations as [word, meaning] (word)}
          <p class="flex items-center gap-2">
            <span class="figure">“{word}”</span><span class="quiet">means</span><b>{meaning}</b>
            <button type="button" class="btn btn-ghost btn-xs" aria-label="Forget “{word}”" onclick={() => drop(word)}>✕</button>
          </p>
        {/each}
        <div class="flex items-center gap-1">
          <input
            class="input input-xs w-28"
            bind:value={found}
            placeholder={trace?.found ?? 'found word'}
            aria-label="{field.label}: found word"
          />
          <span class="quiet">means</span>
          <input
            class="input input-xs w-32"
            bind:value={meant}
            list="meant-{field.name}"
            aria-label="{field.label}: what it means"
          />
          <datalist id="meant-{field.name}"
            >{#each offers as offer (offer)}<option value={offer}></option>{/each}</datalist
          >
          <button type="button" class="btn btn-xs" onclick={addTranslation}>Add</button>
        </div>
      </div>
    {/if}
  </li>
{/if}
