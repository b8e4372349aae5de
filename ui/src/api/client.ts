import createClient from 'openapi-fetch';
import type { components, paths } from './schema';

type Schemas = components['schemas'];
export type Me = Schemas['Me'];
export type Account = Schemas['Account'];
export type Venue = Schemas['Venue'];
export type Instrument = Schemas['Instrument'];
export type Inlet = Schemas['Inlet'];
export type Route = Schemas['Route'];
export type RouteDraft = Schemas['RouteDraft'];
export type RouteState = Schemas['RouteState'];
export type Rules = Schemas['Rules'];
export type RouteVersion = Schemas['RouteVersion'];
export type Preview = Schemas['Preview'];
export type Panel = Schemas['Panel'];
export type Line = Schemas['Line'];
export type Message = Schemas['Message'];
export type MessageRow = Schemas['MessageRow'];
export type Decision = Schemas['Decision'];
export type Step = Schemas['Step'];
export type Verdict = Schemas['Verdict'];
export type Order = Schemas['Order'];
export type OrderStyle = Schemas['OrderStyle'];
export type OwnRules = Schemas['OwnRules'];
export type Protection = Schemas['Protection'];
export type Distance = Schemas['Distance'];
export type PositionDetails = Schemas['PositionDetails'];
export type Bar = Schemas['Bar'];
export type Difference = Schemas['Difference'];
export type Halt = Schemas['Halt'];
export type Guards = Schemas['Guards'];
export type Finding = Schemas['Finding'];
export type Channel = Schemas['Channel'];
export type ChannelDraft = Schemas['ChannelDraft'];
export type Ask = Schemas['Ask'];
export type OrderPrice = Schemas['OrderPrice'];
export type Ticket = Schemas['Ticket'];
export type Rung = Schemas['Rung'];
export type Ladder = Schemas['Ladder'];
export type LadderFall = Schemas['LadderFall'];
export type Fill = Schemas['Fill'];
export type Position = Schemas['Position'];
export type Environment = Schemas['Environment'];
export type Reading = Schemas['Reading'];
export type ReadingDraft = Schemas['ReadingDraft'];
export type ReadingSpec = Schemas['ReadingSpec'];
export type FieldRule = Schemas['FieldRule'];
export type FieldTrace = Schemas['FieldTrace'];
export type WordRule = Schemas['WordRule'];
export type BrokenSamples = Schemas['BrokenSamples'];
export type Tried = Schemas['Tried'];
export type TriedPiece = Schemas['TriedPiece'];
export type ChartProfile = Schemas['ChartProfile'];
export type ChartProfileDraft = Schemas['ChartProfileDraft'];
export type VenueSymbols = Schemas['VenueSymbols'];
export type Slip = Schemas['Slip'];
export type SlipSettings = Schemas['SlipSettings'];
export type RouteSlips = Schemas['RouteSlips'];
export type Notice = Schemas['Notice'];

/** An answer that says no: what was wrong, and by field. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly fields: Record<string, string[]> = {},
  ) {
    super(message);
  }

  /** The sentences of one field and everything below it. */
  of(field: string): string[] {
    return Object.entries(this.fields).flatMap(([name, words]) => (name === field || name.startsWith(`${field}.`) ? words : []));
  }
}

export const api = createClient<paths>({ baseUrl: '/api/v1', headers: { Accept: 'application/json' } });

function cookie(name: string): string {
  const found = document.cookie.split('; ').find((part) => part.startsWith(`${name}=`));
  return found ? decodeURIComponent(found.slice(name.length + 1)) : '';
}

api.use({
  async onRequest({ request }) {
    if (request.method === 'GET') return request;
    if (!cookie('XSRF-TOKEN')) await fetch('/api/v1/session');
    request.headers.set('X-XSRF-TOKEN', cookie('XSRF-TOKEN'));
    return request;
  },
});

function words(error: unknown): { message: string; fields: Record<string, string[]> } {
  const body = (typeof error === 'object' && error !== null ? error : {}) as { message?: unknown; errors?: unknown };
  return {
    message:
      typeof body.message === 'string' && body.message !== '' ? body.message : 'Wexon did not answer as expected. Try again.',
    fields: (body.errors ?? {}) as Record<string, string[]>,
  };
}

/** What came back, or a Refusal. */
export async function take<T>(call: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<T> {
  let result;
  try {
    result = await call;
  } catch {
    throw new Refusal(0, 'Wexon cannot be reached. Check the connection; this page goes on by itself.');
  }
  if (!result.response.ok) {
    const { message, fields } = words(result.error);
    throw new Refusal(result.response.status, message, fields);
  }
  return result.data as T;
}

/** Any failure as a Refusal, for showing it. */
export function refusal(error: unknown): Refusal | null {
  if (error === null || error === undefined) return null;
  return error instanceof Refusal ? error : new Refusal(0, error instanceof Error ? error.message : String(error));
}
