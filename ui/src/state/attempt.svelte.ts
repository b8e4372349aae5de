import { refusal, type Refusal } from '../api/client';

/** Something a person asked for: not twice at once, and with what was wrong when it did not succeed. */
export class Attempt {
  busy = $state(false);
  error = $state<Refusal | null>(null);

  /** Does the work unless it is being done already; whatever it throws becomes the error. */
  async run(work: () => Promise<unknown>): Promise<void> {
    if (this.busy) return;
    this.busy = true;
    this.error = null;
    try {
      await work();
    } catch (trouble) {
      this.error = refusal(trouble);
    } finally {
      this.busy = false;
    }
  }

  /** What was wrong with one field. */
  of(field: string): string[] {
    return this.error?.of(field) ?? [];
  }

  /** What was wrong, when it was not with any field. */
  get general(): Refusal | null {
    return this.error !== null && Object.keys(this.error.fields).length === 0 ? this.error : null;
  }
}
