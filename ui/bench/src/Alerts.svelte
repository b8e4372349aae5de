<script lang="ts">
  import { ask, type Alert, type Slip } from './api';
  import AlertForm from './AlertForm.svelte';
  import Attempted from './Attempted.svelte';
  import { bench } from './bench.svelte';
  import Fired from './Fired.svelte';
  import { moment } from './format';

  type Props = { slip: Slip | null };
  let { slip = $bindable() }: Props = $props();

  let pasted = $state('');
  let making = $state(false);
  let opened = $state<number | null>(null);

  async function take() {
    slip = await ask<Slip>('POST', 'slips', { text: pasted });
    pasted = '';
  }

  function done(alert: Alert | null) {
    slip = null;
    making = false;
    opened = alert?.id ?? opened;
  }

  const set = async (alert: Alert, state: 'active' | 'stopped') => {
    await ask('PUT', `alerts/${alert.id}/state`, { state });
    await bench.loadKept();
  };

  const remove = async (alert: Alert) => {
    await ask('DELETE', `alerts/${alert.id}`);
    await bench.loadKept();
  };
</script>

{#if slip || making}
  {#key slip}<AlertForm {slip} ondone={done} />{/key}
{:else}
  <div class="flex flex-col gap-2">
    <label class="flex flex-col"
      >A slip from Wexon, whole <textarea
        class="textarea figure w-full textarea-sm"
        rows="2"
        placeholder="Paste it, or drag its link onto this page"
        bind:value={pasted}></textarea></label
    >
    <div class="flex flex-wrap gap-2">
      <Attempted primary work={take} disabled={pasted.trim() === ''}>Take the slip</Attempted>
      <button type="button" class="btn btn-sm" onclick={() => (making = true)}>Make an alert by hand</button>
    </div>
  </div>
{/if}

<h2 class="mt-3 border-b border-base-300 font-bold">Alerts</h2>
{#if bench.alerts.length === 0}
  <p class="quiet py-2">None yet. Copy a slip in Wexon (a route's alert slips, “Copy the whole slip”), and paste it above.</p>
{/if}
<ul class="flex flex-col">
  {#each bench.alerts as alert (alert.id)}
    <li class="border-b border-base-300 py-1.5">
      <div class="flex items-baseline gap-2">
        <button
          type="button"
          class="cursor-pointer text-left font-bold"
          aria-expanded={opened === alert.id}
          onclick={() => (opened = opened === alert.id ? null : alert.id)}>{alert.name}</button
        >
        <span class="ml-auto shrink-0 {alert.state === 'active' ? '' : 'text-error'}">{alert.state}</span>
      </div>
      <p class="quiet">
        {alert.symbol}, {alert.candles}: {alert.condition_words}. Fired {alert.fired}×{alert.last_fired_at
          ? `, last ${moment(alert.last_fired_at)}`
          : ''}{alert.expires_at ? `; until ${moment(alert.expires_at, false)}` : ''}
      </p>
      {#if alert.unknown_placeholders.length > 0}<p class="text-warning">
          Stays as it is in the message: {alert.unknown_placeholders.map((name) => `\${${name}}`).join(' ')}
        </p>{/if}
      {#if opened === alert.id}
        <div class="flex flex-wrap gap-2 py-1">
          {#if alert.state === 'active'}<Attempted small work={() => set(alert, 'stopped')}>Stop</Attempted>
          {:else if alert.state !== 'expired'}<Attempted small work={() => set(alert, 'active')}>Set it again</Attempted>{/if}
          <Attempted small work={() => remove(alert)}>Throw away</Attempted>
        </div>
        <Fired {alert} />
      {/if}
    </li>
  {/each}
</ul>
