import type { Order } from '../api/client';

export const orderWords: Record<Order['state'], string> = {
  committed: 'on its way',
  filled: 'filled',
  refused: 'refused by the venue',
  lapsed: 'not sent',
};
