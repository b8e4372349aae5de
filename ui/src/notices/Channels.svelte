<script lang="ts">
  import { api, take, type Channel } from '../api/client';
  import Empty from '../shared/Empty.svelte';
  import Time from '../shared/Time.svelte';
  import { Attempt } from '../state/attempt.svelte';
  import { keys, queryClient, useChannels } from '../state/queries';
  import ChannelForm from './ChannelForm.svelte';
  import { browserNotices } from './browser.svelte';
  import { kindWords } from './kinds';

  const channels = useChannels();
  const attempt = new Attempt();
  let changing = $state<number | 'new' | null>(null);
  let removing = $state<number | null>(null);

  const act = (work: () => Promise<unknown>) =>
    attempt.run(async () => {
      try {
        await work();
      } finally {
        await queryClient.invalidateQueries({ queryKey: keys.channels });
      }
    });
  const at = (channel: Channel) => ({ params: { path: { channel: channel.id } } });
  const tone = { due: 'text-warning', sent: 'text-success', failed: 'text-error' } as const;
</script>

<section class="plate" aria-label="Channels">
  <header class="flex flex-wrap items-center gap-2 border-b border-base-300 px-3 py-2">
    <h2 class="name">Told elsewhere</h2>
    <span class="quiet text-xs">mail, chat rooms, your own programs</span>
    <span class="ml-auto flex gap-2"
      >{#if browserNotices.possible}<button class="btn btn-sm" onclick={() => void browserNotices.toggle()}
          >{browserNotices.on ? 'This browser tells too: turn off' : 'Let this browser tell too'}</button
        >{/if}<button class="btn btn-primary btn-sm" onclick={() => (changing = 'new')}>New channel</button></span
    >
  </header>
  {#if attempt.general}<p class="px-3 py-2 text-sm text-error" role="alert">{attempt.general.message}</p>{/if}
  {#if changing === 'new'}<ChannelForm channel={null} done={() => (changing = null)} />{/if}
  {#if channels.data?.length === 0 && changing !== 'new'}<Empty title="Nobody is told outside of this screen"
      >Make a channel, and choose what it tells of: a stop that was hit, a question, an account in trouble.</Empty
    >{/if}
  <ul class="divide-y divide-base-300/60">
    {#each channels.data ?? [] as channel (channel.id)}
      <li class="flex flex-col gap-1 px-3 py-2 text-sm">
        {#if changing === channel.id}<ChannelForm {channel} done={() => (changing = null)} />{:else}
          <span class="flex flex-wrap items-baseline gap-x-3"
            ><b>{channel.name}</b><span class="quiet">{channel.is_on ? channel.way : `${channel.way}, off`}</span><span
              class="figure text-xs break-all">{channel.target}</span
            >
            <span class="ml-auto flex gap-1"
              ><button
                class="btn btn-xs"
                disabled={attempt.busy}
                onclick={() => void act(() => take(api.POST('/channels/{channel}/test', at(channel))))}>Send a test</button
              ><button class="btn btn-xs" onclick={() => (changing = channel.id)}>Change</button
              >{#if removing === channel.id}<button
                  class="btn btn-error btn-xs"
                  onclick={() => void act(() => take(api.DELETE('/channels/{channel}', at(channel))))}>Remove it</button
                >{:else}<button class="btn btn-ghost btn-xs" onclick={() => (removing = channel.id)}>Remove</button>{/if}</span
            ></span
          >
          <span class="quiet text-xs"
            >{channel.kinds.map((kind) => kindWords[kind]).join(', ')}{channel.quiet_from
              ? `; quiet ${channel.quiet_from} – ${channel.quiet_to}`
              : ''}</span
          >
          {#if channel.secret}<details class="text-xs">
              <summary class="quiet cursor-pointer">signed by a secret</summary><code class="figure">{channel.secret}</code>
            </details>{/if}
          {#each channel.deliveries as one (one.id)}
            <span class="flex flex-wrap items-baseline gap-x-2 text-xs"
              ><Time at={one.sent_at ?? one.due_at} /><b class={tone[one.state]}
                >{one.state === 'due' && one.attempts > 0 ? `tried ${one.attempts} times` : one.state}</b
              ><span class="min-w-0 flex-1 truncate">{one.subject}</span>{#if one.trouble}<span class="w-full text-error"
                  >{one.trouble}</span
                >{/if}{#if one.state !== 'sent' && one.attempts > 0}<button
                  class="btn btn-xs"
                  disabled={attempt.busy}
                  onclick={() =>
                    void act(() =>
                      take(
                        api.POST('/channels/{channel}/deliveries/{delivery}', {
                          params: { path: { channel: channel.id, delivery: one.id } },
                        }),
                      ),
                    )}>Try now</button
                >{/if}</span
            >
          {/each}
        {/if}
      </li>
    {/each}
  </ul>
</section>
