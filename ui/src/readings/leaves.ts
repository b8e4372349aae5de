import type { FieldRule } from '../api/client';

/** A value in a message, and how a rule points at it. */
export type Leaf = { from: FieldRule['from']; at: string; name: string; value: string; whole: boolean };

const MOST = 150;
const PLAIN = /^[A-Za-z_]\w*$/;

const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Every value of a message, outermost first; a list of values also as a whole. */
export function leavesOf(values: unknown): Leaf[] {
  const leaves: Leaf[] = [];
  const columns = Array.isArray(values);

  const visit = (value: unknown, name: string, path: string, depth: number) => {
    if (leaves.length >= MOST) return;
    const isList = Array.isArray(value);
    if (isList && value.length > 0 && value.every((one) => typeof one === 'string')) {
      leaves.push({ ...place(name, path, depth), value: value.join(', '), name: depth === 1 ? name : path, whole: true });
    }
    if (isList || isObject(value)) {
      const entries: [string, unknown][] = isList ? value.map((one, i) => [String(i), one]) : Object.entries(value);
      for (const [key, one] of entries) {
        const step = isList ? `[${key}]` : PLAIN.test(key) ? key : JSON.stringify(key);
        visit(
          one,
          isList ? `${name} ${Number(key) + 1}` : key,
          isList || path === '' ? `${path}${step}` : `${path}.${step}`,
          depth + 1,
        );
      }
      return;
    }
    if (value !== null && value !== undefined) {
      leaves.push({ ...place(name, path, depth), value: String(value), name: depth === 1 ? name : path, whole: false });
    }
  };

  const place = (name: string, path: string, depth: number): Pick<Leaf, 'from' | 'at'> =>
    depth === 1 && columns
      ? { from: 'column', at: String(Number(path.slice(1, -1)) + 1) }
      : depth === 1
        ? { from: 'key', at: name }
        : { from: 'path', at: path };

  if (columns) values.forEach((one, i) => visit(one, `column ${i + 1}`, `[${i}]`, 1));
  else if (isObject(values))
    for (const [key, one] of Object.entries(values)) visit(one, key, PLAIN.test(key) ? key : JSON.stringify(key), 1);
  return leaves;
}

const escaped = (text: string) => text.replace(/[.*+?^${}()|[\]\\~]/g, '\\$&');

/** A pattern for a piece of a text: by the word before it, and by what it looks like. */
export function patternOf(text: string, start: number, end: number): string {
  const piece = text.slice(start, end);
  const before = /(\S{1,24})(\s*)$/.exec(text.slice(0, start));
  const group = /^[+-]?[\d.,]+$/.test(piece)
    ? '([+-]?[\\d.,]*\\d)'
    : /^[A-Z0-9._:/-]{2,}$/.test(piece)
      ? '((?-i)[A-Z0-9._:/-]{2,})'
      : /\s/.test(piece)
        ? '(.+)'
        : '([^\\s,;]+)';
  return before === null ? `^\\s*${group}` : `${escaped(before[1] ?? '')}\\s*${group}`;
}
