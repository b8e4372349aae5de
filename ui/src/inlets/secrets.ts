import { api, take } from '../api/client';

/** An inlet's address, mailbox, phrase and signing secret: fetched when someone asks to see or copy one, and kept nowhere. */
export const secretsOf = (inlet: number) => take(api.GET('/inlets/{inlet}/address', { params: { path: { inlet } } }));

/** Lines for a terminal that sign a message and send it. */
export async function signedCurlOf(inlet: number): Promise<string> {
  const { address, signing_secret } = await secretsOf(inlet);
  return [
    `body='enter long MARL/USD'; time=$(date +%s)`,
    `signature=$(printf '%s.%s' "$time" "$body" | openssl dgst -sha256 -hmac '${signing_secret ?? ''}' | sed 's/.*= //')`,
    `curl -H "X-Wexon-Time: $time" -H "X-Wexon-Signature: $signature" -d "$body" ${address}`,
  ].join('\n');
}

/** A line for a terminal that sends a first message. */
export async function curlOf(inlet: number): Promise<string> {
  const { address, phrase } = await secretsOf(inlet);
  const message = { do: 'enter', side: 'long', symbol: 'MARL/USD', ...(phrase === null ? {} : { phrase }) };
  return `curl -d '${JSON.stringify(message).replaceAll("'", "'\\''")}' ${address}`;
}
