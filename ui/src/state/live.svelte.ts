import type { Position } from '../api/client';
import { keys, queryClient } from './queries';

type Quote = { bid: string; ask: string };

/** What the server says while a screen is open. */
type LiveEvent =
  | { kind: 'message' }
  | DecisionEvent
  | { kind: 'order'; id: number; state: string }
  | { kind: 'account'; id: number }
  | { kind: 'notice' }
  | { kind: 'difference' }
  | { kind: 'halt' }
  | { kind: 'connecting'; percent: number; doing: string }
  | { kind: 'route'; id: number; state: string }
  | { kind: 'prices'; quotes: Record<string, Quote>; positions: Position[] };

export type DecisionEvent = {
  kind: 'decision';
  id: number;
  message: string;
  route_id: number | null;
  account_id: number;
  state: string;
  verdict: string | null;
  station: string | null;
  dry: boolean;
};

type Connecting = { percent: number; doing: string };

export const live = $state<{
  connected: boolean;
  quotes: Record<string, Quote>;
  decision: DecisionEvent | null;
  /** How far the first connection to a venue is, as last heard. */
  connecting: Connecting | null;
}>({
  connected: false,
  quotes: {},
  decision: null,
  connecting: null,
});

const REFETCH_EVERY = 200;
const RETRY_AFTER = 3_000;

const affected: Record<Exclude<LiveEvent['kind'], 'prices' | 'connecting'>, readonly (readonly string[])[]> = {
  message: [keys.messages, keys.inlets, keys.slips, keys.tally],
  notice: [keys.notices, keys.slips],
  decision: [keys.held, keys.messages, keys.panel, keys.orders, keys.fills, keys.positions],
  order: [keys.messages, keys.orders, keys.fills, keys.positions, keys.panel, keys.trades],
  account: [keys.accounts],
  halt: [keys.halts, keys.notices],
  difference: [keys.differences, keys.positions],
  route: [keys.routes, keys.panel, keys.route],
};

let waiting: Record<string, readonly string[]> = {};
let timer: ReturnType<typeof setTimeout> | null = null;

/**
 * What is being asked for the very first time may already be answered with how it was before the event, and is not asked
 * for twice at once: it is asked for again when it is there.
 */
function renew(queryKey: readonly string[]): void {
  for (const query of queryClient.getQueryCache().findAll({ queryKey, fetchStatus: 'fetching' })) {
    if (query.state.data === undefined) {
      const again = () => void queryClient.invalidateQueries({ queryKey: query.queryKey, exact: true });
      query.promise?.then(again, again);
    }
  }
  void queryClient.invalidateQueries({ queryKey });
}

/** A burst of events asks for each list once. */
function refetch(changed: readonly (readonly string[])[]): void {
  for (const key of changed) waiting[key.join()] = key;
  timer ??= setTimeout(() => {
    timer = null;
    for (const key of Object.values(waiting)) renew(key);
    waiting = {};
  }, REFETCH_EVERY);
}

function take(event: LiveEvent): void {
  if (event.kind === 'prices') {
    live.quotes = event.quotes;
    queryClient.setQueryData(keys.positions, event.positions);
    return;
  }
  if (event.kind === 'connecting') {
    live.connecting = event;
    return;
  }
  if (event.kind === 'decision') live.decision = event;
  refetch(affected[event.kind]);
}

/** Listens to a desk's events until told to stop; catches up after every gap. */
export function listen(deskId: number): () => void {
  let source: EventSource | null = null;
  let retry: ReturnType<typeof setTimeout> | null = null;
  let missed = false;

  const open = () => {
    source = new EventSource(`/live/${deskId}`);
    source.onopen = () => {
      live.connected = true;
      // The first time the channel's last seconds come along; after a gap that is not enough.
      if (missed) void queryClient.invalidateQueries();
      missed = false;
    };
    source.onmessage = (message) => take(JSON.parse(message.data as string) as LiveEvent);
    source.onerror = () => {
      live.connected = false;
      missed = true;
      if (source?.readyState === EventSource.CLOSED) retry = setTimeout(open, RETRY_AFTER);
    };
  };
  open();

  return () => {
    source?.close();
    if (retry) clearTimeout(retry);
    live.connected = false;
  };
}
