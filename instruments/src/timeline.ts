import type { Model, Noted } from './model';

export type Sample = readonly [n: number, ms: number, ...steps: number[]];

interface Act {
  readonly ms: number;
  readonly noted: Noted;
}

/** A machine as time passes over it: what was done at the rig is done to it when it was done, and read at whole steps of its instrument. */
export class Timeline {
  private n = 0;
  private acts: readonly Act[] = [];
  /** Whether what was done last ended it. */
  isOver = false;

  /** @param everyS how often one is read; @param atMs where its time stands: both of the series' clock */
  constructor(
    private readonly model: Model,
    private readonly everyS: number,
    private atMs: number,
  ) {}

  /** What was done at that time; what is told too late is done at once. */
  note(noted: Noted, ms: number): void {
    this.acts = [...this.acts, { noted, ms }].toSorted((a, b) => a.ms - b.ms);
  }

  /** Lets time pass, and says what was read meanwhile. */
  passTo(untilMs: number): readonly Sample[] {
    const samples: Sample[] = [];
    for (let next = this.atMs + this.everyS * 1000; next <= untilMs && !this.isOver; next += this.everyS * 1000) {
      this.pass(next);
      const steps = this.isOver ? null : this.model.read();
      if (steps) samples.push([++this.n, next, ...steps]);
    }
    return samples;
  }

  private pass(ms: number): void {
    for (const act of this.acts.filter((one) => one.ms <= ms)) {
      this.move(act.ms);
      if (!this.model.act(act.noted)) this.isOver = true;
    }
    this.acts = this.acts.filter((one) => one.ms > ms);
    this.move(ms);
  }

  private move(ms: number): void {
    if (ms <= this.atMs) return;
    this.model.pass((ms - this.atMs) / 1000);
    this.atMs = ms;
  }
}
