import type { components } from '../api/schema';

export type Kind = components['schemas']['NoticeKind'];

export const kindWords: Record<Kind, string> = {
  fill: 'order filled',
  refused: 'refused',
  protection: 'stop or target hit',
  ask: 'asks first',
  trouble: 'account trouble',
  difference: 'difference',
  state: 'route state',
  halt: 'halt',
  silence: 'silent alert',
  expiry: 'alert expires',
  secret: 'secret in a message',
  mail: 'mail to confirm',
  summary: 'daily summary',
};

export const kinds = Object.keys(kindWords) as Kind[];
