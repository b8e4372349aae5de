/** Decimals come as text and stay text: these only set them out for reading. */

const GROUP = '\u202f';

/** "-1234.50" as "−1 234.50" with narrow spaces. */
export function grouped(decimal: string): string {
  const negative = decimal.startsWith('-');
  const [whole = '0', fraction] = decimal.replace(/^[-+]/, '').split('.');
  const digits = whole.replace(/\B(?=(\d{3})+(?!\d))/g, GROUP);
  return `${negative ? '−' : ''}${digits}${fraction === undefined ? '' : `.${fraction}`}`;
}

/** Cut to so many digits after the point, or filled up to them. */
export function fixed(decimal: string, digits: number): string {
  const [whole = '0', fraction = ''] = decimal.split('.');
  return digits === 0 ? whole : `${whole}.${fraction.slice(0, digits).padEnd(digits, '0')}`;
}

export function sign(decimal: string): -1 | 0 | 1 {
  if (/^-?0*(\.0*)?$/.test(decimal)) return 0;
  return decimal.startsWith('-') ? -1 : 1;
}
