import { createQuery, QueryClient } from '@tanstack/svelte-query';
import { api, take } from '../api/client';

export const queryClient = new QueryClient({
  defaultOptions: { queries: { staleTime: 5_000, retry: 1, refetchOnWindowFocus: true } },
});

export const keys = {
  me: ['me'] as const,
  panel: ['panel'] as const,
  routes: ['routes'] as const,
  inlets: ['inlets'] as const,
  accounts: ['accounts'] as const,
  venues: ['venues'] as const,
  messages: ['messages'] as const,
  positions: ['positions'] as const,
  orders: ['orders'] as const,
  fills: ['fills'] as const,
  readings: ['readings'] as const,
  fields: ['fields'] as const,
  profiles: ['profiles'] as const,
  symbols: ['symbols'] as const,
  slips: ['slips'] as const,
  tally: ['tally'] as const,
  notices: ['notices'] as const,
  trades: ['trades'] as const,
  differences: ['differences'] as const,
  halts: ['halts'] as const,
  channels: ['channels'] as const,
  held: ['held'] as const,
  route: ['route'] as const,
};

export const usePanel = () => createQuery(() => ({ queryKey: keys.panel, queryFn: () => take(api.GET('/panel')) }));

export const useRoutes = () =>
  createQuery(() => ({ queryKey: keys.routes, queryFn: async () => (await take(api.GET('/routes'))).data }));

export const useInlets = () =>
  createQuery(() => ({ queryKey: keys.inlets, queryFn: async () => (await take(api.GET('/inlets'))).data }));

export const useInlet = (id: () => number) =>
  createQuery(() => ({
    queryKey: [...keys.inlets, id()],
    queryFn: async () => (await take(api.GET('/inlets/{inlet}', { params: { path: { inlet: id() } } }))).data,
  }));

export const useTally = (id: () => number) =>
  createQuery(() => ({
    queryKey: [...keys.tally, id()],
    queryFn: () => take(api.GET('/inlets/{inlet}/tally', { params: { path: { inlet: id() } } })),
  }));

export const useReadings = () =>
  createQuery(() => ({ queryKey: keys.readings, queryFn: async () => (await take(api.GET('/readings'))).data }));

export const useFields = () =>
  createQuery(() => ({ queryKey: keys.fields, queryFn: () => take(api.GET('/readings/fields')), staleTime: Infinity }));

export const useProfiles = () => createQuery(() => ({ queryKey: keys.profiles, queryFn: () => take(api.GET('/profiles')) }));

export const useSymbols = () =>
  createQuery(() => ({ queryKey: keys.symbols, queryFn: async () => (await take(api.GET('/symbols'))).data }));

export const useSlips = (route: () => number) =>
  createQuery(() => ({
    queryKey: [...keys.slips, route()],
    queryFn: async () => (await take(api.GET('/routes/{route}/slips', { params: { path: { route: route() } } }))).data,
  }));

export const useNotices = () => createQuery(() => ({ queryKey: keys.notices, queryFn: () => take(api.GET('/notices')) }));

/** The newest messages of one inlet. */
export const useInletMessages = (inlet: () => number) =>
  createQuery(() => ({
    queryKey: [...keys.messages, 'of inlet', inlet()],
    queryFn: async () => (await take(api.GET('/messages', { params: { query: { inlet_id: inlet() } } }))).data,
  }));

export const useAccounts = () =>
  createQuery(() => ({ queryKey: keys.accounts, queryFn: async () => (await take(api.GET('/accounts'))).data }));

export const useVenues = () =>
  createQuery(() => ({ queryKey: keys.venues, queryFn: async () => (await take(api.GET('/venues'))).data }));

export const usePositions = () =>
  createQuery(() => ({ queryKey: keys.positions, queryFn: async () => (await take(api.GET('/positions'))).data }));

/** One position with everything around it; looked at anew all the time while its page is open. */
export const usePosition = (id: () => number) =>
  createQuery(() => ({
    queryKey: [...keys.positions, id()],
    queryFn: () => take(api.GET('/positions/{position}', { params: { path: { position: id() } } })),
    refetchInterval: 1_500,
  }));

/** What a price did lately. Nothing is asked for while the instrument is not known. */
export const useBars = (account: () => number, instrument: () => string, seconds: () => number) =>
  createQuery(() => ({
    queryKey: ['bars', account(), instrument(), seconds()],
    queryFn: async () =>
      (
        await take(
          api.GET('/accounts/{account}/bars', {
            params: { path: { account: account() }, query: { instrument: instrument(), seconds: seconds() as 60 } },
          }),
        )
      ).data,
    refetchInterval: Math.min(15_000, seconds() * 1000),
    enabled: instrument() !== '',
  }));

export const useHeld = () =>
  createQuery(() => ({ queryKey: keys.held, queryFn: async () => (await take(api.GET('/decisions/held'))).data }));

export const useChannels = () =>
  createQuery(() => ({
    queryKey: keys.channels,
    queryFn: async () => (await take(api.GET('/channels'))).data,
    refetchInterval: 10_000,
  }));

export const useHalts = () =>
  createQuery(() => ({ queryKey: keys.halts, queryFn: async () => (await take(api.GET('/halts'))).data }));

export const useDifferences = () =>
  createQuery(() => ({ queryKey: keys.differences, queryFn: async () => (await take(api.GET('/differences'))).data }));

export const useTrades = () =>
  createQuery(() => ({ queryKey: keys.trades, queryFn: async () => (await take(api.GET('/trades'))).data }));

type Way = { by: 'route' | 'instrument' | 'day' | 'reason'; days: number; live: boolean };

export const useTallies = (way: () => Way) =>
  createQuery(() => ({
    queryKey: [...keys.trades, 'tally', way()],
    queryFn: async () => (await take(api.GET('/trades/tally', { params: { query: way() } }))).data,
  }));

export const useOrders = () =>
  createQuery(() => ({ queryKey: keys.orders, queryFn: async () => (await take(api.GET('/orders'))).data }));

/** What waits at a venue; a list of its own below the same key, so that whatever renews the orders renews it. */
export const useWorking = () =>
  createQuery(() => ({
    queryKey: [...keys.orders, 'working'],
    queryFn: async () => (await take(api.GET('/orders', { params: { query: { working: true } } }))).data,
  }));

export const useFills = () =>
  createQuery(() => ({ queryKey: keys.fills, queryFn: async () => (await take(api.GET('/fills'))).data }));

export const useInstruments = (venue: () => string | undefined) =>
  createQuery(() => ({
    queryKey: ['instruments', venue()],
    enabled: venue() !== undefined,
    queryFn: async () => (await take(api.GET('/instruments', { params: { query: { venue: venue() ?? '' } } }))).data,
  }));

export const useRoute = (id: () => number | null) =>
  createQuery(() => ({
    queryKey: ['route', id()],
    enabled: id() !== null,
    queryFn: async () => (await take(api.GET('/routes/{route}', { params: { path: { route: id() ?? 0 } } }))).data,
  }));

export const useMessage = (id: () => string | null) =>
  createQuery(() => ({
    queryKey: [...keys.messages, 'one', id()],
    enabled: id() !== null,
    queryFn: async () => (await take(api.GET('/messages/{message}', { params: { path: { message: id() ?? '' } } }))).data,
  }));
