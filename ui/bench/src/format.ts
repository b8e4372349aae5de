const two = (number: number) => String(number).padStart(2, '0');

/** A moment of the practice clock, in UTC. */
export function moment(at: number, seconds = true): string {
  const time = new Date(at);
  const clock = `${two(time.getUTCHours())}:${two(time.getUTCMinutes())}${seconds ? `:${two(time.getUTCSeconds())}` : ''}`;
  return `${time.getUTCFullYear()}-${two(time.getUTCMonth() + 1)}-${two(time.getUTCDate())} ${clock}`;
}

export function plain(number: string): string {
  return number.includes('.') ? number.replace(/0+$/, '').replace(/\.$/, '') : number;
}

/** Always with its sign. */
export function signed(number: string): string {
  return number.startsWith('-') ? `−${number.slice(1)}` : `+${number}`;
}
