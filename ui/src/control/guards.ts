import type { Guards } from '../api/client';

/** The limits that are one number, in the order in which they are asked. */
export const counts = [
  { key: 'entries_per_day', label: 'Entries a day, at most', hint: 'In the zone below.' },
  { key: 'per_minute', label: 'Signals a minute, at most', hint: 'That open something.' },
  { key: 'same_again', label: 'Same signal again after', hint: 'Seconds.' },
  { key: 'oldest', label: 'Message at most so old', hint: 'Seconds, by its own time.' },
  { key: 'rest_after_exit', label: 'Rest after an exit', hint: 'Seconds.' },
  { key: 'rest_after_loss', label: 'Rest after a loss', hint: 'Seconds.' },
] as const;

export const amounts = [
  { key: 'price_away', label: 'Market from the message’s price', hint: '% apart at most, either way.' },
  { key: 'spread', label: 'Spread, at most', hint: '% of the price.' },
  { key: 'least_balance', label: 'Least balance', hint: 'In the account’s money.' },
  { key: 'largest_leverage', label: 'Leverage, at most', hint: 'A factor such as 5.' },
] as const;

export const days = [
  ['mon', 'Mo'],
  ['tue', 'Tu'],
  ['wed', 'We'],
  ['thu', 'Th'],
  ['fri', 'Fr'],
  ['sat', 'Sa'],
  ['sun', 'Su'],
] as const;

export const afterLimit = { refuse: 'refuse', pause: 'pause', flatten: 'close all' } as const;

/** Without what is not set, so that nothing empty is sent. */
export function trimmed(guards: Guards): Guards {
  return Object.fromEntries(
    Object.entries(guards).filter(
      ([, value]) =>
        value !== null && value !== undefined && value !== '' && value !== false && !(Array.isArray(value) && value.length === 0),
    ),
  );
}

/** How many of them are set. */
export const howMany = (guards: Guards) =>
  Object.keys(trimmed(guards)).filter((key) => key !== 'zone' && key !== 'queue_for').length;
