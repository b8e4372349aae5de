import {
  ask,
  type Alert,
  type ChartOf,
  type Clock,
  type Condition,
  type Drawing,
  type Lists,
  type Operand,
  type Previewed,
  type RunningScript,
  type StudyOnChart,
  type View,
} from './api';

/** How many candles are drawn at first, and how many more can be. */
export const COUNTS = [300, 1000, 5000];

const TAIL = 3;
const WHOLE_AGAIN_UP_TO = 1000;

/** What lies on the bench: one for the page. */
export class Bench {
  lists = $state<Lists | null>(null);
  chartKey = $state('quarrystone:marl_perp');
  candles = $state('1min');
  count = $state(300);
  studies = $state<StudyOnChart[]>([]);
  view = $state.raw<View | null>(null);
  clock = $state<Clock | null>(null);
  drawings = $state<Drawing[]>([]);
  alerts = $state<Alert[]>([]);
  scripts = $state<RunningScript[]>([]);
  /** In and out, of the pair that is being drawn up. */
  enter = $state<Condition>({ join: 'and', terms: [] });
  exit = $state<Condition>({ join: 'and', terms: [] });
  side = $state<'long' | 'short'>('long');
  /** Which of the two the chart marks. */
  marked = $state<'enter' | 'exit'>('enter');
  preview = $state.raw<Previewed | null>(null);
  trouble = $state<string | null>(null);

  get chart(): ChartOf | null {
    return this.lists?.charts.find((one) => one.key === this.chartKey) ?? null;
  }

  get condition(): Condition | null {
    const condition = this.marked === 'enter' ? this.enter : this.exit;
    return condition.terms.length > 0 ? condition : null;
  }

  get digits(): number {
    return (this.chart?.tick.split('.')[1] ?? '').length;
  }

  /** What can stand on either side of a term, with its name. */
  get operands(): { label: string; operand: Operand }[] {
    const prices = ['close', 'open', 'high', 'low'].map((price) => ({ label: price, operand: { price } }));
    const studies = this.studies.flatMap((one) => {
      const kind = this.lists?.studies[one.study];
      const numbers = Object.values(one.parameters).join(', ');
      return (kind?.lines ?? []).map((line) => ({
        label: `${kind?.label ?? ''} ${numbers}${(kind?.lines.length ?? 0) > 1 ? `: ${line}` : ''}`,
        operand: { study: one.study, parameters: $state.snapshot(one.parameters), line },
      }));
    });
    const drawings = this.drawings
      .filter((one) => one.chart === this.chartKey)
      .map(({ points: [from, to] }, i) =>
        from === undefined || to === undefined
          ? { label: `level ${(from?.[1] ?? 0).toFixed(this.digits)}`, operand: { number: from?.[1] ?? 0 } }
          : { label: `line ${i + 1}`, operand: { line_from: from, line_to: to } },
      );
    return [...prices, ...studies, ...drawings];
  }

  async open(): Promise<void> {
    this.lists = await ask<Lists>('GET', 'desk');
    this.clock = this.lists.clock;
    await Promise.all([this.loadDrawings(), this.loadKept()]);
  }

  async loadDrawings(): Promise<void> {
    this.drawings = (await ask<{ drawings: Drawing[] }>('GET', 'drawings')).drawings;
  }

  /** Alerts and scripts, which go on by themselves. */
  async loadKept(): Promise<void> {
    const [alerts, scripts] = await Promise.all([
      ask<{ alerts: Alert[] }>('GET', 'alerts'),
      ask<{ scripts: RunningScript[] }>('GET', 'scripts'),
    ]);
    this.alerts = alerts.alerts;
    this.scripts = scripts.scripts;
  }

  /** An answer that comes after a later question's is of no use any more. */
  private asked = 0;
  private underWay = 0;

  async draw(): Promise<void> {
    const mine = ++this.asked;
    this.underWay++;
    try {
      const view = await this.fetched(this.count);
      if (mine === this.asked) this.view = view;
    } finally {
      this.underWay--;
    }
  }

  /** The newest candles, put behind those that are drawn; everything again when one has closed. */
  async follow(): Promise<void> {
    if (this.underWay > 0) return;
    const view = this.view;
    if (view === null || view.at.length === 0) return this.draw();
    const mine = this.asked;
    const tail = await this.fetched(TAIL);
    if (this.view !== view || mine !== this.asked) return;
    const isNew = tail.at.at(-1) !== view.at.at(-1);
    if (isNew && view.at.length <= WHOLE_AGAIN_UP_TO) return this.draw();
    const from = view.at.findIndex((at) => at >= (tail.at[0] ?? 0));
    if (from < 0) return this.draw();
    const joined = <T>(old: T[], fresh: T[]) => [...old.slice(0, from), ...fresh];
    this.view = {
      ...tail,
      at: joined(view.at, tail.at),
      open: joined(view.open, tail.open),
      high: joined(view.high, tail.high),
      low: joined(view.low, tail.low),
      close: joined(view.close, tail.close),
      volume: joined(view.volume, tail.volume),
      lines: view.lines.map((lines, i) =>
        Object.fromEntries(Object.entries(lines).map(([name, line]) => [name, joined(line, tail.lines[i]?.[name] ?? [])])),
      ),
      condition:
        view.condition === null || tail.condition === null
          ? tail.condition
          : {
              ...view.condition,
              holds: [...view.condition.holds.filter((i) => i < from), ...tail.condition.holds.map((i) => i + from)],
            },
    };
  }

  private async fetched(count: number): Promise<View> {
    const view = await ask<View>('POST', 'chart', {
      chart: this.chartKey,
      candles: this.candles,
      count,
      studies: $state.snapshot(this.studies),
      condition: $state.snapshot(this.condition),
    });
    this.clock = { now: view.now, rate: view.rate, is_rehearsal: view.is_rehearsal, rates: this.clock?.rates ?? [] };
    return view;
  }
}

export const bench = new Bench();
