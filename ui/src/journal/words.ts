import type { Message } from '../api/client';

/** "enter long MARL/USD" */
export function signalWords(signal: NonNullable<Message['signal']>): string {
  return [signal.do, signal.side, signal.symbol ?? 'all'].filter(Boolean).join(' ');
}

const shapes: Record<string, string> = {
  json: 'a JSON object',
  text_with_json: 'text with JSON in it',
  line: 'a line',
  pairs: 'pairs of key and value',
  form: 'a web form',
  separated: 'separated values',
  phrase: 'plain text',
  address: "the slip's own address",
};

/** What shape a message has. */
export const shapeWords = (format: string): string => shapes[format] ?? format;

/** How it came, and before the sender's name. */
export const arrivedWords: Record<Message['arrived_by'], string> = {
  web: 'from',
  mail: 'by mail from',
  hand: 'put in by hand from',
};

export const stateWords: Record<Message['state'], string> = {
  stored: 'being read',
  unreadable: 'not understood',
  split: 'several in one',
  barred: 'not taken',
  confirmation: 'wants confirming',
  duplicate: 'seen before',
  unmatched: 'no route',
  routed: 'routed',
};
