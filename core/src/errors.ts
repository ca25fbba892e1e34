/** Why the engine will not work with what it was given. Data only: the sentence is made at the edge. */
export type CalcError =
  | { kind: 'out-of-range'; field: string; value: number; min: number; max: number; unit: string }
  | { kind: 'not-a-number'; field: string }
  | { kind: 'unknown-unit'; field: string; unit: string; allowed: readonly string[] }
  | { kind: 'unknown-word'; field: string; word: string; allowed: readonly string[] }
  | { kind: 'test-gas'; field: string; word: string; allowed: readonly string[] }
  | { kind: 'not-in-stock'; field: string; word: string; allowed: readonly string[] }
  | { kind: 'missing'; field: string; needed: NeededCode }
  | { kind: 'no-order'; field: string; joints: readonly string[]; open: string }
  | { kind: 'excludes'; field: string; other: string }
  | { kind: 'unreadable'; field: string; text: string; examples: readonly string[] }
  | { kind: 'refused'; field: string; reason: RefusalReason; value?: string };

/** What is missing, as a code: the sentence is made at the edge. */
export type NeededCode =
  | 'purge-section'
  | 'distance'
  | 'filler-or-no-stock'
  | 'wall-not-in-tables'
  | 'cup-not-in-tables'
  | 'temperature-or-pressure'
  | 'a-reading'
  | 'a-figure'
  | 'two-samples'
  | 'work-part'
  | 'a-joint'
  | 'a-hose'
  | 'a-circuit'
  | 'plate-limits';

export const REFUSAL_REASONS = [
  'ammonia-with-copper',
  'no-outlet',
  'bore-not-above-outside',
  'forbidden-filler',
  'wall-too-thick',
  'gauge-difference',
  'new-with-old-filler',
  'nothing-to-remove',
  'not-removable',
  'stands-twice',
  'given-twice',
  'under-its-tare',
  'say-gauge-or-absolute',
  'suction-not-below-liquid',
  'above-critical-point',
  'limit-under-ambient',
  'coldest-above-hottest',
  'low-above-high',
  'no-such-hold',
  'no-strength-test',
  'no-such-pull',
  'no-charge-begun',
  'over-max-charge',
  'table-not-rising',
  'no-flow',
  'no-wet-bulb',
  'no-such-part',
  'no-such-joint',
  'not-linked',
  'linked-to-itself',
  'loop-without-compressor',
  'not-later',
  'hottest-under-ambient',
  'off-scale',
  'gained-weight',
  'another-refrigerant',
  'not-above-reached',
  'joint-above-solidus',
  'flood-under-trickle',
  'flood-too-fast',
  'safety-class-needed',
  'record-format',
  'record-not-json',
  'record-duplicate-key',
  'record-unknown-key',
  'record-too-deep',
  'record-number',
  'record-text',
  'record-shape',
  'record-head',
  'not-a-file',
  'older-unknown',
] as const;
export type RefusalReason = (typeof REFUSAL_REASONS)[number];
