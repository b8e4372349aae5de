import type { Account, Inlet, Route, RouteDraft, Rules } from '../api/client';

/** A route that has not been made: long only, a hundred in money, on the first practice account. */
export function begun(inlets: Inlet[], accounts: Account[], inlet: number | null): RouteDraft {
  const account = accounts.find((one) => one.environment === 'practice');
  return {
    name: '',
    inlet_id: (inlets.find((one) => one.id === inlet) ?? inlets[0])?.id ?? 0,
    account_ids: account ? [account.id] : [],
    account_labels: {},
    account_scales: {},
    account_allocations: {},
    account_rules: {},
    rules: {
      legs: [{ symbol: '', instrument: '' }],
      sides: 'long',
      opposite: 'close_only',
      size: { rule: 'fixed_money', amount: '100' },
      disagreement: 'keep_ours',
      start_clean: false,
      adds: { most: 0 },
      caps: {},
      entry: { type: 'market' },
      exit: { type: 'market' },
    },
  };
}

/** Rules as they come from the server or a file, with every choice spelt out. */
export const complete = (rules: Rules): Rules => ({
  disagreement: 'keep_ours',
  start_clean: false,
  adds: { most: 0 },
  caps: {},
  entry: { type: 'market' },
  exit: { type: 'market' },
  ...rules,
});

export function draftOf(route: Route): RouteDraft {
  return {
    name: route.name,
    inlet_id: route.inlet.id,
    account_ids: route.accounts.map((account) => account.id),
    account_labels: Object.fromEntries(route.accounts.map((account) => [String(account.id), account.label])),
    account_scales: Object.fromEntries(route.accounts.map((account) => [String(account.id), account.scale])),
    account_allocations: Object.fromEntries(route.accounts.map((account) => [String(account.id), account.allocation])),
    account_rules: Object.fromEntries(route.accounts.map((account) => [String(account.id), structuredClone(account.own)])),
    rules: complete(structuredClone(route.rules)),
  };
}
