import type { OrderPrice, OrderStyle, Rules } from '../api/client';

export const sidesWords: Record<Rules['sides'], string> = { both: 'long and short', long: 'long only', short: 'short only' };

export const oppositeWords: Record<Rules['opposite'], string> = {
  close_only: 'closes only',
  close_and_reverse: 'closes and reverses',
  ignore: 'is ignored',
};

export const disagreementWords: Record<NonNullable<Rules['disagreement']>, string> = {
  keep_ours: 'ours counts',
  follow_chart: 'the chart counts',
};

export const ruleWords: Record<Rules['size']['rule'], string> = {
  fixed_units: 'fixed units',
  fixed_money: 'fixed money',
  percent_of_equity: 'percent of equity',
  percent_of_free: 'percent of the free money',
  percent_of_allocation: 'percent of what is set aside',
  percent_at_risk: 'percent at risk, by the stop',
  from_message: 'as the message says',
};

export function sizeWords(size: Rules['size']): string {
  const units: Record<Rules['size']['rule'], string> = {
    fixed_units: 'units',
    fixed_money: 'in money',
    percent_of_equity: '% of equity',
    percent_of_free: '% of the free money',
    percent_of_allocation: '% of what is set aside',
    percent_at_risk: '% at risk',
    from_message: '',
  };
  const words = size.rule === 'from_message' ? ruleWords.from_message : `${size.amount ?? ''} ${units[size.rule]}`;
  return size.multiplier === undefined ? words : `${words} × ${size.multiplier}`;
}

export const priceWords: Record<OrderPrice['at'], string> = {
  message: "the message's price",
  own_side: 'best of the own side',
  other_side: 'best of the other side',
  expression: 'an expression',
};

export const timeWords: Record<NonNullable<OrderStyle['time_in_force']>, string> = {
  gtc: 'good till cancelled',
  day: 'until the venue closes',
  ioc: 'immediate or cancel',
  fok: 'fill or kill',
};

export const priceHints: Record<OrderPrice['at'], string> = {
  message: "The message's “price”.",
  own_side: 'The bid for a buy, the ask for a sell.',
  other_side: 'What an order at market would get.',
  expression: '',
};

export const closedWords: Record<NonNullable<Rules['when_closed']>, string> = {
  refuse: 'nothing goes out',
  queue_exits: 'exits and flips wait for the opening',
  queue: 'everything waits for the opening',
};
