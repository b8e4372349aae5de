<script lang="ts">
  import type { Line } from '../api/client';
  import AccountName from '../shared/AccountName.svelte';
  import Lamp from '../shared/Lamp.svelte';
  import Time from '../shared/Time.svelte';
  import VerdictMark from '../shared/VerdictMark.svelte';
  import Lamps from './Lamps.svelte';
  import Track from './Track.svelte';

  type Props = { line: Line };
  let { line }: Props = $props();

  const isLive = $derived(line.route.accounts.some((account) => account.environment === 'live'));
</script>

<article class="plate px-3 pt-2 pb-1.5 {isLive ? 'plate-live' : ''}">
  <div class="flex flex-wrap items-center gap-x-3 gap-y-1">
    <h2 class="font-bold"><a class="hover:underline" href="/routes/{line.route.id}">{line.route.name}</a></h2>
    <Lamp state={line.route.state} />
    <span class="quiet text-xs">{line.route.rules.legs.map((leg) => leg.symbol).join(', ')}</span>
    <span class="quiet flex flex-wrap gap-x-3 text-xs whitespace-nowrap sm:ml-auto">
      <span>today</span>
      <span><b class="text-success">{line.today.pass}</b> sent</span>
      <span><b class="text-error">{line.today.refuse}</b> refused</span>
      <span><b>{line.today.nothing}</b> nothing to do</span>
    </span>
  </div>
  <div class="grid grid-cols-1 items-center gap-2 sm:grid-cols-[7rem_minmax(0,1fr)_8rem]">
    <div class="rounded border border-base-300 px-2 py-1 text-xs">
      <span class="name quiet block text-[0.6rem]">inlet</span>{line.route.inlet.name}
    </div>
    <Track {line} />
    <div class="flex flex-wrap gap-1 sm:flex-col">
      {#each line.route.accounts as account (account.id)}
        <div
          class="rounded border px-2 py-0.5 text-xs {account.environment === 'live' ? 'border-live' : 'border-base-300'}"
          title={account.trouble ?? ''}
        >
          {#if account.trouble}<span class="text-error" aria-label="Trouble">✕</span>{/if}
          <AccountName {account} />
        </div>
      {/each}
    </div>
  </div>
  <Lamps lamps={line.route.lamps} />
  {#if line.newest}
    <a
      class="flex items-center gap-2 border-t border-base-300 pt-1 text-xs hover:underline"
      href="/journal/{line.newest.message}"
    >
      <Time at={line.newest.decided_at} />
      <VerdictMark verdict={line.newest.verdict} dry={line.newest.dry} />
      <span class="truncate">{line.newest.dry ? 'Dry run: ' : ''}{line.newest.summary}</span>
    </a>
  {:else}
    <p class="quiet border-t border-base-300 pt-1 text-xs">
      No signal yet. <a class="link" href="/inlets">Send a test message</a> to see where it would go.
    </p>
  {/if}
</article>
