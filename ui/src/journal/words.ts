import type { Message } from '../api/client';

/** "enter long MARL/USD" */
export function signalWords(signal: NonNullable<Message['signal']>): string {
  return [signal.do, signal.side, signal.symbol].filter(Boolean).join(' ');
}

export const stateWords: Record<Message['state'], string> = {
  stored: 'being read',
  unreadable: 'not understood',
  duplicate: 'seen before',
  unmatched: 'no route',
  routed: 'routed',
};
