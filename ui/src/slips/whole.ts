import type { Slip } from '../api/client';

/** A slip as one text: what the bench takes whole, and a person can read. */
export function wholeSlip(slip: Slip, address: string, expires: string | null): string {
  const lines = [
    'Wexon alert slip',
    `Name: ${slip.name}`,
    `Symbol: ${slip.symbol}`,
    `Fire: ${slip.when}`,
    `Address: ${address}`,
    ...(expires === null ? [] : [`Expires: ${expires}`]),
    'Message:',
    slip.message ?? slip.kind,
  ];
  return lines.join('\n');
}
