<script lang="ts">
  import Empty from '../shared/Empty.svelte';
  import Page from '../shared/Page.svelte';
  import Problem from '../shared/Problem.svelte';
  import { useAccounts } from '../state/queries';
  import AccountCard from './AccountCard.svelte';
  import ConnectAccount from './ConnectAccount.svelte';
  import DescribeVenue from './DescribeVenue.svelte';

  const accounts = useAccounts();
  let connecting = $state(false);
  let describing = $state(false);
</script>

<Page title="Accounts" lead="Connections to venues. Whether money is practice or live is what the venue says.">
  {#snippet actions()}
    {#if !describing}<button class="btn btn-sm" onclick={() => (describing = true)}>Describe a venue</button>{/if}
    {#if !connecting}<button class="btn btn-primary btn-sm" onclick={() => (connecting = true)}>Connect an account</button>{/if}
  {/snippet}
  {#if accounts.isError}<Problem error={accounts.error} again={() => void accounts.refetch()} />{/if}
  {#if describing}<DescribeVenue onclose={() => (describing = false)} />{/if}
  {#if connecting}<ConnectAccount onclose={() => (connecting = false)} />{/if}
  {#if accounts.data?.length === 0 && !connecting}
    <div class="plate">
      <Empty title="No account is connected">
        Make a key at your venue that may trade and may not withdraw, then connect it here. A practice account is a good
        beginning.
      </Empty>
    </div>
  {/if}
  <div class="grid grid-cols-1 gap-4 md:grid-cols-2 xl:grid-cols-3">
    {#each accounts.data ?? [] as account (account.id)}<AccountCard {account} />{/each}
  </div>
</Page>
