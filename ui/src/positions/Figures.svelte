<script lang="ts">
  import type { Position, PositionDetails } from '../api/client';
  import Figure from '../shared/Figure.svelte';
  import Money from '../shared/Money.svelte';
  import Time from '../shared/Time.svelte';

  type Props = { details: PositionDetails; position: Position; now: string | null };
  let { details, position, now }: Props = $props();

  /** Percent from the price of now, always above zero. */
  const away = (price: string) =>
    now === null ? null : ((Math.abs(Number(price) - Number(now)) / Number(now)) * 100).toFixed(2);
  const next = $derived(details.protection?.targets[0] ?? null);
  const multiple = $derived(
    details.risk && position.profit && Number(details.risk) > 0
      ? (Number(position.profit) / Number(details.risk)).toFixed(2)
      : null,
  );
  const safe = $derived(details.protection?.money_at_risk?.startsWith('-') ?? false);
</script>

<dl class="grid grid-cols-2 gap-x-6 gap-y-1 border-t border-base-300 pt-2 text-sm sm:grid-cols-3 xl:grid-cols-4">
  {#snippet figure(name: string, hint: string, value: import('svelte').Snippet)}
    <div class="flex justify-between gap-3" title={hint}>
      <dt class="quiet">{name}</dt>
      <dd class="text-right">{@render value()}</dd>
    </div>
  {/snippet}
  {#snippet mark()}<Figure value={now} />{/snippet}
  {#snippet profit()}<Money amount={position.profit} currency={position.currency} signed />{/snippet}
  {#snippet percent()}<Figure value={position.profit_percent} /> %{/snippet}
  {#snippet multiples()}{#if multiple}<span class="figure">{multiple} ×</span>{:else}<span class="quiet">no first stop</span
      >{/if}{/snippet}
  {#snippet average()}<Figure value={position.average} />{/snippet}
  {#snippet even()}<Figure value={position.break_even} />{/snippet}
  {#snippet value()}<Money amount={position.value} currency={position.currency} />{/snippet}
  {#snippet fees()}<Money amount={position.fees} currency={position.currency} />{/snippet}
  {#snippet atRisk()}{#if details.protection?.money_at_risk}<Money
        amount={details.protection.money_at_risk.replace('-', '')}
        currency={position.currency}
      />{safe ? ' safe' : ''}{:else}<span class="text-warning">all of it</span>{/if}{/snippet}
  {#snippet toStop()}{#if details.protection?.stop}<span class="figure">{away(details.protection.stop) ?? '…'} %</span
      >{:else}<span class="text-warning">no stop</span>{/if}{/snippet}
  {#snippet toTarget()}{#if next}<span class="figure">{away(next.price) ?? '…'} %</span>{:else}<span class="quiet">no target</span
      >{/if}{/snippet}
  {#snippet slipped()}{#if details.slippage}<span class="figure">{details.slippage} %</span>{:else}<span class="quiet"
        >no price told</span
      >{/if}{/snippet}
  {#snippet since()}<Time at={position.opened_at} />{/snippet}
  {#snippet exit()}{#if details.protection?.exit_at}<Time at={details.protection.exit_at} />{:else}<span class="quiet">never</span
      >{/if}{/snippet}
  {@render figure('Now', 'What closing would get per unit', mark)}
  {@render figure('Open profit', 'Less the fees paid so far', profit)}
  {@render figure('of the cost', 'Open profit in percent', percent)}
  {@render figure('of the first risk', 'Profit in multiples of what the first stop would have lost', multiples)}
  {@render figure('Average', 'Price paid per unit', average)}
  {@render figure('Break-even', 'Fees of both sides included', even)}
  {@render figure('Value', 'At the price of now', value)}
  {@render figure('Fees so far', '', fees)}
  {@render figure(safe ? 'Profit at the stop' : 'At risk', 'Against break-even, if the stop is hit', atRisk)}
  {@render figure('To the stop', 'From the price of now', toStop)}
  {@render figure('To the next target', 'From the price of now', toTarget)}
  {@render figure('Slippage', 'The entry against the price in the message; above zero is worse', slipped)}
  {@render figure('Since', '', since)}
  {@render figure('Out by the clock', '', exit)}
</dl>
