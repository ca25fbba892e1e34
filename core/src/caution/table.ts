import type { Stage } from '../vocabulary/stage';

export type Severity = 'stop' | 'warn' | 'note';

/** Where the full rule stands: the code of the place, the maker's sheet, the person's licence, a safety sheet; else no more than practice. */
export type Authority = 'code' | 'maker' | 'licence' | 'safety-sheet' | 'practice';

interface CautionRow {
  readonly severity: Severity;
  /** Where in the job it is shown. */
  readonly stage: Stage;
  readonly authority: Authority;
}

const row = (severity: Severity, stage: Stage, authority: Authority): CautionRow => ({ severity, stage, authority });

/** Every caution the engine knows: how grave, where it is shown, who has the last word on it. */
export const CAUTIONS = {
  // Can it be brazed at all.
  'no-filler': row('stop', 'decide', 'maker'),
  'weld-instead': row('stop', 'decide', 'code'),
  'soft-solder': row('stop', 'decide', 'practice'),
  galvanised: row('stop', 'decide', 'safety-sheet'),
  'old-cadmium': row('stop', 'decide', 'safety-sheet'),
  'cut-back': row('stop', 'decide', 'practice'),
  'phosphorus-residue': row('stop', 'decide', 'maker'),
  'al-cu-eutectic': row('stop', 'decide', 'practice'),
  'carbon-dioxide': row('stop', 'decide', 'maker'),
  'mechanical-first': row('warn', 'decide', 'code'),
  'plated-steel': row('warn', 'set-up', 'maker'),
  'old-unknown': row('warn', 'make-safe', 'safety-sheet'),
  'makers-filler-list': row('warn', 'plan', 'maker'),
  // How the work is got at.
  'compressor-holds': row('stop', 'decide', 'practice'),
  'liquid-lock': row('stop', 'decide', 'practice'),
  'no-port': row('warn', 'decide', 'practice'),
  'stop-above-zero': row('note', 'decide', 'practice'),
  'flammable-air': row('warn', 'decide', 'safety-sheet'),
  'water-freezes': row('warn', 'decide', 'maker'),
  // Before the torch.
  'zero-and-open': row('warn', 'make-safe', 'code'),
  'acid-gas': row('warn', 'make-safe', 'safety-sheet'),
  'oil-burns': row('warn', 'make-safe', 'practice'),
  'hot-work': row('warn', 'make-safe', 'code'),
  flammable: row('warn', 'make-safe', 'licence'),
  poisonous: row('warn', 'make-safe', 'safety-sheet'),
  asphyxiant: row('warn', 'make-safe', 'safety-sheet'),
  'dry-ice': row('warn', 'make-safe', 'practice'),
  'oxygen-oil': row('warn', 'make-safe', 'safety-sheet'),
  'heavy-gas': row('warn', 'make-safe', 'code'),
  'flux-fume': row('warn', 'braze', 'safety-sheet'),
  'process-tube': row('stop', 'make-safe', 'maker'),
  'sprinkler-near': row('stop', 'make-safe', 'code'),
  'combustible-near': row('warn', 'make-safe', 'code'),
  'acetylene-pressure': row('stop', 'make-safe', 'code'),
  'acetylene-draw': row('warn', 'make-safe', 'maker'),
  // Fit.
  'gap-reject': row('stop', 'set-up', 'maker'),
  'no-gap-hot': row('stop', 'set-up', 'maker'),
  crimp: row('stop', 'set-up', 'maker'),
  'capillary-end': row('note', 'set-up', 'practice'),
  'gap-loose': row('warn', 'set-up', 'maker'),
  'too-tight': row('warn', 'set-up', 'maker'),
  'tight-for-flux': row('note', 'set-up', 'practice'),
  'shallow-cup': row('warn', 'set-up', 'code'),
  'shallow-swage': row('warn', 'set-up', 'practice'),
  'check-depth': row('warn', 'set-up', 'practice'),
  'expansion-assumed': row('note', 'plan', 'practice'),
  'assumed-figures': row('note', 'plan', 'practice'),
  // Strength.
  'strength-short': row('stop', 'plan', 'code'),
  'strength-unknown': row('note', 'plan', 'code'),
  'wall-assumed': row('warn', 'plan', 'code'),
  'member-not-judged': row('note', 'plan', 'code'),
  'rating-needed': row('warn', 'plan', 'maker'),
  'max-temp-assumed': row('note', 'plan', 'code'),
  'test-above-rating': row('warn', 'hold', 'code'),
  'test-too-high': row('stop', 'hold', 'code'),
  'hold-too-low': row('stop', 'hold', 'code'),
  'keep-away': row('warn', 'hold', 'code'),
  'limit-unknown': row('warn', 'hold', 'maker'),
  'equalise-first': row('warn', 'hold', 'maker'),
  'high-side-alone': row('warn', 'hold', 'code'),
  'plate-unread': row('warn', 'hold', 'code'),
  'water-side-open': row('warn', 'hold', 'practice'),
  'sure-thermometer': row('warn', 'hold', 'practice'),
  'gross-leaks-only': row('note', 'hold', 'practice'),
  'front-passing': row('note', 'hold', 'practice'),
  // Under vacuum.
  'compressor-in-vacuum': row('stop', 'pull', 'maker'),
  'no-insulation-test': row('stop', 'pull', 'maker'),
  'winding-heat': row('stop', 'pull', 'maker'),
  'gauge-off': row('warn', 'pull', 'maker'),
  'pump-suck-back': row('warn', 'pull', 'practice'),
  'flammable-exhaust': row('warn', 'pull', 'safety-sheet'),
  'nitrogen-break': row('warn', 'pull', 'practice'),
  'gauge-place': row('note', 'pull', 'practice'),
  'does-not-move': row('warn', 'pull', 'practice'),
  // Charging.
  'over-max-charge': row('stop', 'charge', 'maker'),
  'before-start': row('warn', 'charge', 'maker'),
  oil: row('note', 'charge', 'maker'),
  'check-maker': row('note', 'charge', 'maker'),
  'not-enough': row('warn', 'charge', 'practice'),
  'gross-and-tare': row('note', 'charge', 'practice'),
  'critical-charge': row('warn', 'charge', 'maker'),
  'room-charge': row('warn', 'charge', 'code'),
  'charge-anew': row('warn', 'charge', 'practice'),
  'over-filled': row('stop', 'charge', 'code'),
  'own-cylinder': row('stop', 'charge', 'code'),
  'cylinder-class': row('warn', 'charge', 'code'),
  // The machine running.
  floodback: row('stop', 'charge', 'maker'),
  'hot-discharge': row('stop', 'charge', 'maker'),
  // Heat.
  'cannot-reach': row('stop', 'braze', 'maker'),
  'fuel-too-weak': row('warn', 'braze', 'maker'),
  'under-torched': row('warn', 'braze', 'practice'),
  'over-torched': row('warn', 'braze', 'practice'),
  'two-torches': row('warn', 'braze', 'practice'),
  'torch-assumed': row('note', 'braze', 'maker'),
  'small-flame': row('note', 'braze', 'practice'),
  overhead: row('note', 'braze', 'practice'),
  'cup-down': row('note', 'braze', 'practice'),
  'cup-up': row('note', 'braze', 'practice'),
  frost: row('warn', 'set-up', 'practice'),
  wind: row('note', 'set-up', 'practice'),
  reflow: row('warn', 'braze', 'practice'),
  'aluminium-no-colour': row('warn', 'braze', 'practice'),
  'zinc-fume': row('note', 'braze', 'safety-sheet'),
  // Flux.
  'flux-inside': row('note', 'set-up', 'maker'),
  'high-temperature-flux': row('warn', 'plan', 'maker'),
  'flux-range': row('warn', 'plan', 'maker'),
  // Parts near by.
  'part-too-hot': row('stop', 'set-up', 'maker'),
  'part-water': row('note', 'braze', 'maker'),
  'part-stands': row('note', 'set-up', 'maker'),
  'wrap-on-joint': row('warn', 'set-up', 'practice'),
  'wrap-misses': row('warn', 'set-up', 'practice'),
  // Nitrogen.
  'no-purge': row('warn', 'plan', 'code'),
  'core-in': row('warn', 'set-up', 'practice'),
  throttled: row('warn', 'set-up', 'practice'),
  dams: row('note', 'set-up', 'practice'),
  'joint-pressure-high': row('warn', 'set-up', 'practice'),
  'joint-pressure-above-aim': row('note', 'set-up', 'practice'),
  'trickle-unknown': row('note', 'set-up', 'practice'),
  'cylinder-low': row('warn', 'set-up', 'practice'),
  'cylinder-short': row('stop', 'set-up', 'practice'),
  'oxygen-low': row('stop', 'make-safe', 'code'),
} as const satisfies Readonly<Record<string, CautionRow>>;

export type CautionCode = keyof typeof CAUTIONS;
type CautionValues = Readonly<Record<string, number | string>>;

export interface Caution {
  readonly code: CautionCode;
  readonly severity: Severity;
  readonly stage: Stage;
  readonly authority: Authority;
  readonly values?: CautionValues;
}

/** A caution out of the table, with the figures of this case; graver than the table where the case is. */
export const caution = (code: CautionCode, values?: CautionValues, severity: Severity = CAUTIONS[code].severity): Caution => ({
  code,
  ...CAUTIONS[code],
  severity,
  ...(values ? { values } : {}),
});

const WEIGHT: Readonly<Record<Severity, number>> = { stop: 0, warn: 1, note: 2 };

/** Stops first, then warnings, then notes; within each in the order they were found. */
export const stopsFirst = (cautions: readonly Caution[]): readonly Caution[] =>
  [...cautions].sort((a, b) => WEIGHT[a.severity] - WEIGHT[b.severity]);
