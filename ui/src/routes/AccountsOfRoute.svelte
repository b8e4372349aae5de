<script lang="ts">
  import type { Account, RouteDraft } from '../api/client';
  import AccountName from '../shared/AccountName.svelte';
  import OwnRules from './OwnRules.svelte';

  type Props = { draft: RouteDraft; accounts: Account[]; of: (field: string) => string[] };
  let { draft = $bindable(), accounts, of }: Props = $props();

  const chosen = $derived(accounts.filter((account) => draft.account_ids.includes(account.id)));
  const wrong = $derived(
    chosen.flatMap(({ id }) => [
      ...of(`account_scales.${id}`),
      ...of(`account_allocations.${id}`),
      ...of(`account_labels.${id}`),
    ]),
  );
</script>

{#if chosen.length > 0}
  <table class="ledger mt-2 max-w-xl">
    <thead><tr><th>Account</th><th>Sizes times</th><th>Set aside</th><th>Called in messages</th></tr></thead>
    <tbody>
      {#each chosen as account (account.id)}
        <tr>
          <td><AccountName {account} /></td>
          <td
            ><input
              class="input figure input-sm w-24"
              inputmode="decimal"
              placeholder="1"
              aria-label="Scale of {account.name}"
              bind:value={
                () => draft.account_scales?.[String(account.id)] ?? '',
                (scale: string) =>
                  (draft.account_scales = { ...draft.account_scales, [String(account.id)]: scale === '' ? null : scale })
              }
            /></td
          >
          <td
            ><input
              class="input figure input-sm w-28"
              inputmode="decimal"
              placeholder="nothing"
              aria-label="Set aside on {account.name}"
              bind:value={
                () => draft.account_allocations?.[String(account.id)] ?? '',
                (money: string) =>
                  (draft.account_allocations = {
                    ...draft.account_allocations,
                    [String(account.id)]: money === '' ? null : money,
                  })
              }
            />
            {account.currency}</td
          >
          <td
            ><input
              class="input input-sm w-40"
              maxlength="40"
              placeholder="no label"
              aria-label="Label of {account.name}"
              bind:value={
                () => draft.account_labels?.[String(account.id)] ?? '',
                (label: string) =>
                  (draft.account_labels = { ...draft.account_labels, [String(account.id)]: label === '' ? null : label })
              }
            /></td
          >
        </tr>
      {/each}
    </tbody>
  </table>
  {#each chosen as account (account.id)}
    <OwnRules
      {account}
      legs={draft.rules.legs}
      bind:own={
        () => draft.account_rules?.[String(account.id)] ?? {},
        (own) => (draft.account_rules = { ...draft.account_rules, [String(account.id)]: own })
      }
      styles={{ entry: draft.rules.entry ?? { type: 'market' }, exit: draft.rules.exit ?? { type: 'market' } }}
      {of}
    />
  {/each}
  {#each wrong as words (words)}<p class="text-sm text-error" role="alert">{words}</p>{/each}
  <p class="quiet mt-1 text-xs">
    What is set aside is for this route alone, and it binds no more than that: who comes first is served, the rest is refused.
    With labels, a message can name the accounts that it is for. One that names none is for all.
  </p>
{/if}
