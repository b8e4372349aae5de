import type { RouteDraft } from '../api/client';

function flat(value: unknown, path: string, into: Map<string, string>): void {
  if (typeof value === 'object' && value !== null) {
    for (const [key, one] of Object.entries(value)) flat(one, path === '' ? key : `${path} ${key}`, into);
  } else if (value !== null && value !== undefined) into.set(path.replace(/^rules /, '').replaceAll('_', ' '), String(value));
}

/** What differs between two versions of a route, in a few words. */
export function changesBetween(before: RouteDraft | undefined, after: RouteDraft): string {
  const [then, now] = [new Map<string, string>(), new Map<string, string>()];
  flat(before, '', then);
  flat(after, '', now);
  const changes = [...new Set([...then.keys(), ...now.keys()])].flatMap((key) =>
    then.get(key) === now.get(key) ? [] : [`${key}: ${then.get(key) ?? '–'} → ${now.get(key) ?? '–'}`],
  );
  return changes.length === 0 ? 'saved without a change' : changes.join('; ');
}
