// How long the engine takes, against plain loops doing the same arithmetic: ratios travel between machines, milliseconds do not.
import { heatReach, planJoint, type PlanRequest, type ReachRequest } from '@kesto/core';
import { searchMs } from './order';

const q = (value: number, unit: string) => ({ value, unit });

export const JOINT: PlanRequest = {
  joint: {
    male: { metal: 'copper', od: q(0.875, 'in'), wall: q(0.045, 'in') },
    female: { metal: 'brass', form: 'component-stub', bore: q(22.33, 'mm'), cupDepth: q(19, 'mm'), wall: q(1.6, 'mm') },
  },
  service: { refrigerant: 'R-449A', side: 'suction', designPressure: q(19, 'barg'), minTemp: q(-25, 'C'), maxTemp: q(50, 'C') },
  torch: { fuel: 'air-acetylene' },
  purge: { sections: [{ bore: q(19.94, 'mm'), length: q(12, 'm') }], minutes: 10, outlet: { kind: 'port-core-out' } },
};
export const WITH_PART: PlanRequest = { ...JOINT, near: [{ kind: 'valve', distance: q(60, 'mm'), protection: 'putty' }] };
/** Three parts along the tube and past the cup, each with its own wrap. */
export const WITH_THREE: PlanRequest = {
  ...JOINT,
  near: [
    { kind: 'valve', distance: q(60, 'mm'), along: 'female', protection: 'putty' },
    { kind: 'sight-glass', distance: q(90, 'mm'), protection: 'wet-cloth' },
    { kind: 'brazed-joint', filler: 'BCuP-5', distance: q(140, 'mm'), protection: 'wet-cloth' },
  ],
};
const REACH: ReachRequest = {
  tube: { metal: 'copper', od: q(0.875, 'in'), wall: q(0.045, 'in') },
  ambient: q(20, 'C'),
  jointTemperature: q(720, 'C'),
  seconds: 120,
  at: [50, 150, 300, 600].map((mm) => q(mm, 'mm')),
};

/** Cells x steps of the 120 s, 600 mm case: what a loop without any of the model's care would do. */
const PLAIN = { cells: 400, steps: 590 } as const;

/** Backward Euler on plain typed arrays: coefficients, Thomas solve, a radiation term; no water, no account of energy. */
export function plainLoop(): number {
  const { cells: n, steps } = PLAIN;
  const [T, a, b, r] = [new Float64Array(n).fill(20), new Float64Array(n), new Float64Array(n), new Float64Array(n)];
  const [G, inertia, surface] = [6.4, 2.3, 0.00028];
  for (let s = 0; s < steps; s++) {
    for (let i = 0; i < n; i++) {
      const k = (T[i] as number) + 273.15; // cast: the index is inside the array, here and below
      const loss = surface * (10 + 0.6 * 5.67e-8 * (k * k + 85_937) * (k + 293.15));
      a[i] = -G;
      b[i] = inertia + 2 * G + loss;
      r[i] = inertia * (T[i] as number) + loss * 20;
    }
    b[0] = 1;
    r[0] = 720;
    for (let i = 1; i < n; i++) {
      const f = (a[i] as number) / (b[i - 1] as number);
      b[i] = (b[i] as number) - f * (i === 1 ? 0 : -G);
      r[i] = (r[i] as number) - f * (r[i - 1] as number);
    }
    T[n - 1] = (r[n - 1] as number) / (b[n - 1] as number);
    for (let i = n - 2; i >= 0; i--) T[i] = ((r[i] as number) + (i === 0 ? 0 : G) * (T[i + 1] as number)) / (b[i] as number);
  }
  return T[25] as number;
}

/** Median of several timed rounds [ms]. */
export function medianMs(work: () => unknown, { rounds = 15, each = 20 } = {}): number {
  for (let i = 0; i < each; i++) work();
  const times = Array.from({ length: rounds }, () => {
    const start = performance.now();
    for (let i = 0; i < each; i++) work();
    return (performance.now() - start) / each;
  });
  return times.sort((x, y) => x - y)[Math.floor(rounds / 2)] ?? Number.NaN;
}

export function engineTimes() {
  return {
    planMs: medianMs(() => planJoint(JOINT), { each: 200 }),
    planWithPartMs: medianMs(() => planJoint(WITH_PART)),
    reach120s600mmMs: medianMs(() => heatReach(REACH)),
    plainLoopMs: medianMs(plainLoop),
    order12Ms: searchMs(12).ms,
    order30Ms: searchMs(30).ms,
  };
}
