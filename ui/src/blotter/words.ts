import type { Order, OrderStyle, Ticket } from '../api/client';

export const orderWords: Record<Order['state'], string> = {
  committed: 'on its way',
  scheduled: 'waits',
  working: 'working',
  filled: 'filled',
  cancelled: 'taken back',
  refused: 'refused by the venue',
  lapsed: 'not sent',
};

export const typeWords: Record<OrderStyle['type'], string> = {
  market: 'market',
  limit: 'limit',
  stop: 'stop',
  stop_limit: 'stop-limit',
};

export const roleWords: Record<Order['role'], string> = {
  entry: 'entry',
  add: 'add',
  exit: 'exit',
  placed: 'placed',
  stop: 'stop',
  target: 'target',
};

/** "at market", "limit 38.2", "stop 41, limit 41.2" */
export function termsWords(order: Pick<Ticket, 'type' | 'limit' | 'trigger'>): string {
  const parts = [order.trigger === null ? '' : `stop ${order.trigger}`, order.limit === null ? '' : `limit ${order.limit}`];
  return order.type === 'market' ? 'at market' : parts.filter((part) => part !== '').join(', ');
}
