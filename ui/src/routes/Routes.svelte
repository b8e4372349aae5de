<script lang="ts">
  import AccountName from '../shared/AccountName.svelte';
  import Empty from '../shared/Empty.svelte';
  import Lamp from '../shared/Lamp.svelte';
  import Page from '../shared/Page.svelte';
  import Problem from '../shared/Problem.svelte';
  import { useRoutes } from '../state/queries';
  import { sidesWords, sizeWords } from './words';

  const routes = useRoutes();
</script>

<Page title="Routes" lead="From an inlet to one or more accounts, and the rules on the way.">
  {#snippet actions()}<a class="btn btn-primary btn-sm" href="/routes/new">New route</a>{/snippet}
  {#if routes.isError}<Problem error={routes.error} again={() => void routes.refetch()} />{/if}
  <section class="plate overflow-x-auto" aria-label="Routes">
    {#if routes.data?.length === 0}
      <Empty title="No route yet"
        >A route says which inlet it listens to, what it trades, how much, and on which accounts. <a
          class="link"
          href="/routes/new">Make the first</a
        ></Empty
      >
    {/if}
    {#if routes.data && routes.data.length > 0}
      <table class="ledger">
        <thead
          ><tr><th>Route</th><th>State</th><th>Inlet</th><th>Trades</th><th>Sides</th><th>Size</th><th>Accounts</th><th></th></tr
          ></thead
        >
        <tbody>
          {#each routes.data as route (route.id)}
            <tr>
              <td><a class="font-bold hover:underline" href="/routes/{route.id}">{route.name}</a></td>
              <td><Lamp state={route.state} /></td>
              <td>{route.inlet.name}</td>
              <td
                >{#each route.rules.legs as leg (leg.symbol)}<span class="block whitespace-nowrap"
                    >{leg.symbol} <span class="quiet">→ {leg.instrument}</span></span
                  >{/each}</td
              >
              <td>{sidesWords[route.rules.sides]}</td>
              <td class="whitespace-nowrap">{sizeWords(route.rules.size)}</td>
              <td
                >{#each route.accounts as account (account.id)}<span class="block"><AccountName {account} /></span>{/each}</td
              >
              <td class="right"><a class="link text-xs whitespace-nowrap" href="/routes/{route.id}/slips">alert slips</a></td>
            </tr>
          {/each}
        </tbody>
      </table>
    {/if}
  </section>
</Page>
