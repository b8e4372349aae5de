import { api, take, type FieldRule, type Reading, type ReadingSpec, type Tried } from '../api/client';

export type SampleDraft = { id?: number; body: string; content_type?: string | null };

const AFTER_TYPING = 180;

/** A reading while it is edited: its rules, its samples, and what the rules make of the sample that is looked at. */
export class ReadingWork {
  name = $state('');
  spec = $state<ReadingSpec>({ fields: {}, words: [] });
  samples = $state<SampleDraft[]>([]);
  at = $state(0);
  piece = $state(0);
  tried = $state<Tried | null>(null);
  #timer: ReturnType<typeof setTimeout> | null = null;
  #asked = 0;

  constructor(reading: Reading | null, samples: SampleDraft[]) {
    if (reading !== null) {
      this.name = reading.name;
      this.spec = structuredClone(reading.spec);
      this.samples = reading.samples.map(({ id, body, content_type }) => ({ id, body, content_type }));
    }
    this.samples.push(...samples);
    if (samples.length > 0) this.at = this.samples.length - 1;
  }

  get sample(): SampleDraft | null {
    return this.samples[this.at] ?? null;
  }

  get shown() {
    return this.tried?.pieces[this.piece] ?? this.tried?.pieces[0] ?? null;
  }

  /** The fields that are filled from one place of the message. */
  fieldsAt(from: FieldRule['from'], at: string): string[] {
    return Object.entries(this.spec.fields).flatMap(([field, rule]) => (rule.from === from && rule.at === at ? [field] : []));
  }

  assign(field: string, from: FieldRule['from'], at: string): void {
    const before = this.spec.fields[field];
    const kept = before?.translate ? { translate: before.translate } : {};
    this.spec.fields[field] = { ...kept, from, at, ...(field === 'do' || field === 'symbol' ? { required: true } : {}) };
  }

  unassign(field: string): void {
    this.spec.fields = Object.fromEntries(Object.entries(this.spec.fields).filter(([name]) => name !== field));
  }

  /** What was found is to mean something else. */
  translate(field: string, found: string, meant: string): void {
    const rule = this.spec.fields[field];
    if (rule) rule.translate = { ...rule.translate, [found.trim().toLowerCase()]: meant };
  }

  look(at: number): void {
    this.at = at;
    this.piece = 0;
  }

  /** Asks what the rules make of the sample, a moment after the last change. Call it from an effect: it reads everything it depends on. */
  tryNow(): void {
    const spec = $state.snapshot(this.spec);
    const sample = $state.snapshot(this.sample);
    if (this.#timer !== null) clearTimeout(this.#timer);
    if (sample === null || sample.body.trim() === '') {
      this.tried = null;
      return;
    }
    this.#timer = setTimeout(() => void this.#ask(spec, sample), AFTER_TYPING);
  }

  async #ask(spec: ReadingSpec, sample: SampleDraft): Promise<void> {
    const mine = ++this.#asked;
    const empty = Object.keys(spec.fields).length === 0 && spec.words.length === 0;
    const answer = await take(
      api.POST('/readings/try', {
        body: { spec: empty ? null : spec, body: sample.body, content_type: sample.content_type ?? null },
      }),
    );
    if (mine === this.#asked) this.tried = answer;
  }

  /** Wexon's own first mapping for the sample takes the place of the rules. */
  async guess(): Promise<void> {
    const sample = this.sample;
    if (sample === null) return;
    this.spec = (
      await take(api.POST('/readings/guess', { body: { body: sample.body, content_type: sample.content_type ?? null } }))
    ).spec;
  }
}
