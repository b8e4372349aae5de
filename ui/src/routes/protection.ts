import type { Distance, Protection } from '../api/client';

export type DistanceUnit = keyof Distance;

export const distanceUnits: Record<DistanceUnit, string> = {
  percent: '%',
  price: 'away',
  ticks: 'ticks',
  points: 'points',
  risk: '× the stop',
  at: 'the price',
};

export const keepingWords: Record<NonNullable<Protection['keeping']>, { label: string; means: string }> = {
  venue: { label: 'at the venue', means: 'As orders there, as far as it takes them. They hold even when Wexon does not run.' },
  watched: { label: 'watched here', means: 'The venue sees nothing until they are reached. They hold only while Wexon runs.' },
  both: {
    label: 'here, with a net',
    means: 'Watched here; a stop half as far again behind lies at the venue, for when Wexon does not run.',
  },
};

/** The shares that targets leave to no target. */
export function rest(targets: readonly { share: string }[]): number {
  return Math.round((100 - targets.reduce((sum, target) => sum + Number(target.share || 0), 0)) * 10_000) / 10_000;
}

/** Without what is empty, as the server wants it. */
export function tidy(protection: Protection): Protection {
  return Object.fromEntries(
    Object.entries(protection).filter(
      ([, value]) => value !== null && value !== undefined && !(Array.isArray(value) && value.length === 0),
    ),
  );
}
