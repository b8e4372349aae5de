import type { Decision, Verdict } from '../api/client';

/** The posts along a line, and which steps of a trace belong to each. */
export const stations = [
  { name: 'Read', steps: ['read', 'match', 'intent'] },
  { name: 'Guard', steps: ['guard'] },
  { name: 'Size', steps: ['size'] },
  { name: 'Send', steps: ['plan'] },
  { name: 'Protect', steps: ['protect'] },
] as const;

/** How a signal left a post: through it, stopped at it, or never came so far. */
export type Arm = Verdict | 'unreached';

const SEND = 3;

/** The arms of all posts after a decision. The last is reached where stop or targets look after what was opened. */
export function arms(decision: Decision | null): Arm[] {
  return stations.map((station, i) => {
    if (decision === null) return 'unreached';
    if (i === SEND && decision.orders.some((order) => order.state === 'refused' || order.state === 'lapsed')) return 'refuse';
    const steps = decision.steps.filter((step) => (station.steps as readonly string[]).includes(step.station));
    return steps.find((step) => step.verdict !== 'pass')?.verdict ?? (steps.length > 0 ? 'pass' : 'unreached');
  });
}

/** The post where a signal came to rest; as many as there are posts when it went through to the account. */
export function restsAt(of: Arm[]): number {
  const stopped = of.findIndex((arm) => arm === 'refuse' || arm === 'hold' || arm === 'nothing');
  return stopped >= 0 ? stopped : of[SEND] === 'pass' ? stations.length : 0;
}
