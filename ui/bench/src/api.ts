/** What the bench's own service takes and answers. */

export type ChartOf = {
  key: string;
  venue: string;
  instrument: string;
  symbol: string;
  tick: string;
  lot_step: string;
  least_size: string;
  kind: string;
  currency: string;
  interval: string | null;
};
export type Parameter = { label: string; usual: number; least: number; most: number; whole: boolean };
export type Parameters = Record<string, number>;
export type StudyKind = { label: string; parameters: Record<string, Parameter>; lines: string[]; over_price: boolean };
export type ScriptKind = { label: string; says: string; parameters: Record<string, Parameter>; message: string };
export type Clock = { now: number; rate: number; is_rehearsal: boolean; rates: number[] };
export type Lists = {
  charts: ChartOf[];
  intervals: { name: string; seconds: number }[];
  studies: Record<string, StudyKind>;
  comparisons: Record<string, boolean>;
  scripts: Record<string, ScriptKind>;
  firings: { name: string; words: string }[];
  placeholders: { chart: string[]; order: string[] };
  clock: Clock;
};
export type StudyOnChart = { study: string; parameters: Parameters };
export type Operand =
  | { price: string }
  | { number: number }
  | { study: string; parameters: Parameters; line: string }
  | { line_from: [number, number]; line_to: [number, number] };
export type Term = { left: Operand; is: string; right: Operand };
export type Condition = { join: 'and' | 'or'; terms: Term[] };
export type Holds = { words: string; holds: number[]; per_day: number; begins_per_day: number };
export type Column = number[];
export type View = {
  now: number;
  rate: number;
  is_rehearsal: boolean;
  is_forming: boolean;
  at: Column;
  open: Column;
  high: Column;
  low: Column;
  close: Column;
  volume: Column;
  lines: Record<string, (number | null)[]>[];
  condition: Holds | null;
};
export type Mark = {
  at: number;
  candle: number;
  side: 'buy' | 'sell';
  price: string;
  size: string;
  after: string;
  comment: string;
};
export type Trade = {
  side: string;
  opened_at: number;
  closed_at: number;
  price: string;
  closed_price: string;
  size: string;
  profit: string;
};
export type Summary = {
  count: number;
  won: number;
  win_share: string | null;
  profit: string;
  average_win: string | null;
  average_loss: string | null;
  profit_factor: string | null;
  largest_fall: string;
};
export type Previewed = { marks: Mark[]; trades: Trade[]; summary: Summary; money: { at: number[]; value: number[] } };
export type Alert = {
  id: number;
  name: string;
  chart: string;
  symbol: string;
  candles: string;
  condition: Condition | null;
  condition_words: string;
  script_id: number | null;
  firing: string;
  message: string;
  unknown_placeholders: string[];
  address: string | null;
  mail: string | null;
  expires_at: number | null;
  state: 'active' | 'stopped' | 'over' | 'expired';
  fired: number;
  last_fired_at: number | null;
};
export type Fired = {
  id: number;
  at: number;
  price: string;
  body: string;
  way: string;
  state: 'waiting' | 'sending' | 'delivered' | 'failed';
  tries: number;
  sent_at: number | null;
  status: number | null;
  answer: string | null;
  took_ms: number | null;
};
export type RunningScript = {
  id: number;
  script: string;
  label: string;
  chart: string;
  symbol: string;
  candles: string;
  size: string;
  state: 'running' | 'stopped';
  since: number;
  position: string;
  money: string;
};
export type ScriptEvent = {
  id: number;
  at: number;
  kind: string;
  side: 'buy' | 'sell';
  size: string;
  price: string;
  label: string;
  position: string;
  money: string;
};
export type Drawing = { id: number; chart: string; points: [number, number][] };
export type Slip = {
  name: string;
  address: string;
  message: string;
  firing: string;
  expires: string | null;
  charts: string[];
  is_script: boolean;
};
export type Account = { id: number; name: string; venue: string; environment: string };
export type Handover = {
  inlet: string;
  route: { name: string; rules: Record<string, unknown> };
  alerts: { name: string; message: string; words?: string }[];
  made: { route_id: number; url: string; armed: boolean; words: string | null } | null;
};

/** Asks the bench. What it refuses is thrown, in its own words. */
export async function ask<T>(method: 'GET' | 'POST' | 'PUT' | 'DELETE', path: string, body?: object): Promise<T> {
  const response = await fetch(`/api/${path}`, {
    method,
    headers: body === undefined ? {} : { 'Content-Type': 'application/json' },
    body: body === undefined ? null : JSON.stringify(body),
  }).catch(() => {
    throw new Error('The bench does not answer. Is it up? bin/wexon status');
  });
  const answer: unknown = await response.json().catch(() => ({}));
  if (!response.ok) {
    const words = (answer as { message?: unknown }).message;
    throw new Error(typeof words === 'string' ? words : `The bench answered with status ${response.status}.`);
  }
  return answer as T;
}
