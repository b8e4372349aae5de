<script lang="ts">
  import { api, take, type Slip } from '../api/client';
  import { secretsOf } from '../inlets/secrets';
  import Problem from '../shared/Problem.svelte';
  import Side from '../shared/Side.svelte';
  import { Attempt } from '../state/attempt.svelte';
  import { keys, queryClient } from '../state/queries';
  import CopyButton from './CopyButton.svelte';
  import CopyLine from './CopyLine.svelte';
  import Heard from './Heard.svelte';
  import TrySlip from './TrySlip.svelte';
  import { wholeSlip } from './whole';

  type Props = {
    slip: Slip;
    inlet: { id: number; name: string };
    byAddress: boolean;
    usualExpiry: string | null;
    benchUrl: string | null;
  };
  let { slip, inlet, byAddress, usualExpiry, benchUrl }: Props = $props();

  type Part = 'name' | 'message' | 'address' | 'all';
  const attempt = new Attempt();
  const address = async () => (await secretsOf(inlet.id)).address + (byAddress ? `/${slip.code}` : '');

  const change = (body: { copied?: Part; expires_on?: string | null }) =>
    attempt.run(async () => {
      await take(api.PUT('/slips/{slip}', { params: { path: { slip: slip.id } }, body }));
      await queryClient.invalidateQueries({ queryKey: keys.slips });
    });

  /** With the last part copied, the alert is as good as made: its expiry is the platform's usual one, until it is changed. */
  function copied(part: Part) {
    void change({ copied: part, ...(slip.expires_on === null && usualExpiry !== null ? { expires_on: usualExpiry } : {}) });
  }

  const whole = async () => wholeSlip(slip, await address(), slip.expires_on ?? usualExpiry);

  /** Behind its # is the whole slip, with the inlet's secret address: made when somebody reaches for it, not before. */
  let link = $state<string | null>(null);
  const makeLink = async () => {
    if (benchUrl !== null) link = `${benchUrl}/#slip=${encodeURIComponent(await whole())}`;
  };

  /** Whoever was quicker than the link waits for it. */
  async function set(event: MouseEvent) {
    if (link === null) {
      event.preventDefault();
      await makeLink();
      window.open(link ?? undefined, '_blank', 'noreferrer');
    }
    copied('all');
  }

  const tones: Record<Slip['expiry'], string> = {
    none: '',
    far: '',
    week: 'text-warning',
    day: 'text-error',
    past: 'text-error',
  };
  const DAY = 86_400_000;
  const days = $derived(slip.expires_on === null ? 0 : Math.ceil((Date.parse(slip.expires_on) - Date.now()) / DAY));
  const words = $derived<Record<Slip['expiry'], string>>({
    none: '',
    far: `in ${days} days`,
    week: 'within a week: renew it',
    day: 'within a day: renew it now',
    past: 'expired: the platform sends nothing',
  });
</script>

<article
  class="plate flex break-inside-avoid flex-col gap-2 p-4 {slip.expiry === 'past' || slip.silent_since ? 'border-error' : ''}"
  aria-label={slip.kind}
>
  <header class="flex flex-wrap items-center gap-x-3">
    {#if slip.side}<Side side={slip.side} />{/if}
    <h2 class="font-bold">{slip.kind}</h2>
    <span class="ml-auto"><Heard {slip} /></span>
  </header>
  <div class="flex flex-wrap items-center gap-2 print:hidden">
    <CopyButton text={whole} at={slip.copied['address'] && slip.copied['message']} oncopied={() => copied('all')}
      >Copy the whole slip</CopyButton
    >
    {#if benchUrl !== null}<a
        class="btn btn-xs"
        href={link ?? benchUrl}
        target="_blank"
        rel="noreferrer"
        title="Opens the bench with this slip; or drag it there"
        onpointerenter={() => void makeLink()}
        onfocus={() => void makeLink()}
        onclick={(event) => void set(event)}>Set it at the bench</a
      >{/if}
  </div>
  <CopyLine label="Name" text={() => slip.name} at={slip.copied['name']} oncopied={() => copied('name')}>
    <span class="text-sm">{slip.name}</span>
  </CopyLine>
  <div class="grid grid-cols-[5rem_minmax(0,1fr)] gap-2 text-sm">
    <span class="name quiet pt-0.5">Fire</span>
    <p><b>{slip.when}</b> <span class="quiet">{slip.why}</span></p>
  </div>
  {#if slip.message !== null}
    <CopyLine label="Message" text={() => slip.message ?? ''} at={slip.copied['message']} oncopied={() => copied('message')}>
      <pre
        class="figure max-h-56 overflow-auto rounded bg-base-200 p-2 text-xs whitespace-pre-wrap print:max-h-none">{slip.message}</pre>
    </CopyLine>
  {:else}
    <div class="grid grid-cols-[5rem_minmax(0,1fr)] gap-2 text-sm">
      <span class="name quiet pt-0.5">Message</span>
      <p class="quiet">Whatever the platform sends: the address says what it is.</p>
    </div>
  {/if}
  <CopyLine label="Address" text={address} at={slip.copied['address']} oncopied={() => copied('address')}>
    <span class="quiet text-sm">of {inlet.name}{byAddress ? `, ending in /${slip.code}` : ''}; secret, so it is only copied</span>
  </CopyLine>
  <div class="grid grid-cols-[5rem_minmax(0,1fr)] items-center gap-2 text-sm">
    <span class="name quiet">Expires</span>
    <span class="flex flex-wrap items-center gap-2">
      <input
        type="date"
        class="input figure input-sm w-40"
        value={slip.expires_on ?? ''}
        aria-label="Expiry date of {slip.kind}"
        onchange={(event) => void change({ expires_on: event.currentTarget.value === '' ? null : event.currentTarget.value })}
      />
      <span class={tones[slip.expiry]}>{words[slip.expiry]}</span>
      {#if slip.expiry !== 'none' && slip.expiry !== 'far' && usualExpiry !== null}<button
          class="btn btn-xs print:hidden"
          onclick={() => void change({ expires_on: usualExpiry })}>I have renewed it: good until {usualExpiry}</button
        >{/if}
    </span>
  </div>
  {#if attempt.error}<Problem error={attempt.error} />{/if}
  <TrySlip {slip} inlet={inlet.id} />
</article>
