/** What a message most often asks for, with its side. */
export const intents = [
  'enter long',
  'enter short',
  'exit long',
  'exit short',
  'exit',
  'buy',
  'sell',
  'add long',
  'add short',
  'flip long',
  'flip short',
  'flatten',
  'cancel all',
] as const;
