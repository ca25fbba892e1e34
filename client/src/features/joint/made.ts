import type { BrazedValues, JointView, PlanAnswer } from '@kesto/contract';
import { FINDING_WORDS, LOOK_RESULT_WORDS } from '@kesto/contract/wording';
import {
  formatDuration,
  formatFlow,
  formatLength,
  readContent,
  type EntryContent,
  type LookFinding,
  type LookResult,
  type Reading,
  type UnitPreferences,
} from '@kesto/core';

export interface MadeRow {
  readonly label: string;
  readonly plan: Reading | null;
  readonly made: Reading | null;
  /** Made over planned, and the band that is allowed, both as ratios of the plan. */
  readonly ratio: number | null;
  readonly band: readonly [number, number];
}

/** Values of the last brazing, with later corrections laid over them. */
export function brazedValues(joint: JointView): BrazedValues | null {
  const contents = joint.entries.map((e) => readContent(e.content));
  const last = contents.findLast((c) => c.kind === 'brazed' || c.kind === 'reworked');
  if (!last) return null;
  const corrections = contents.filter((c) => c.corrects?.entry === last.id).map((c) => c.values);
  return Object.assign({}, last.values, ...corrections) as BrazedValues; // cast: the schema of this kind of entry
}

/** What was planned beside what was done. */
export function madeRows(answer: PlanAnswer | null, made: BrazedValues | null, units: UnitPreferences): readonly MadeRow[] {
  if (!answer || !made) return [];
  const length = (mm: number | null | undefined, decimals: number) => (mm == null ? null : formatLength(mm / 1000, units, decimals));
  const flow = (lpm: number | null | undefined) => (lpm == null ? null : formatFlow(lpm / 60_000, units));
  const time = (s: number | null | undefined) => (s == null ? null : formatDuration(s));
  const ratio = (m: number | null | undefined, p: number | null | undefined) => (m == null || !p ? null : m / p);
  const purge = answer.purge;
  return [
    {
      label: 'rod',
      plan: length(answer.filler?.rodLengthMm, 0),
      made: length(made.rodMm, 0),
      ratio: ratio(made.rodMm, answer.filler?.rodLengthMm),
      band: [0.6, 1.8],
    },
    {
      label: 'heat',
      plan: time(answer.heat?.seconds),
      made: time(made.seconds),
      ratio: ratio(made.seconds, answer.heat?.seconds),
      band: [0.4, 2],
    },
    {
      label: 'flood',
      plan: time(purge?.floodSeconds),
      made: time(made.floodSeconds),
      ratio: ratio(made.floodSeconds, purge?.floodSeconds),
      band: [1, 2],
    },
    {
      label: 'trickle',
      plan: flow(purge?.trickleLpm),
      made: flow(made.purgeLpm),
      ratio: ratio(made.purgeLpm, purge?.trickleLpm),
      band: [0.9, 2],
    },
    {
      label: 'in the cup',
      plan: length(answer.fit.insertMm, 1),
      made: length(made.depthMm, 1),
      ratio: ratio(made.depthMm, answer.fit.insertMm),
      band: [0.93, 1.02],
    },
  ];
}

export const sentenceOf = (content: EntryContent): string => {
  const { values } = content;
  if (content.corrects) return content.corrects.why;
  const result = values['result'] ? `${LOOK_RESULT_WORDS[values['result'] as LookResult]}. ` : ''; // cast: the schema of a look
  const filler = values['filler'] ? `${String(values['filler'])}, ${String(values['rodMm'])} mm of rod. ` : '';
  const reason = values['reason'] ? `Other than planned: ${String(values['reason'])} ` : '';
  const findings =
    Array.isArray(values['findings']) && values['findings'].length > 0
      ? `${values['findings'].map((name) => FINDING_WORDS[name as LookFinding]).join(', ')}. `
      : ''; // cast: as above
  return `${result}${filler}${reason}${findings}${String(values['note'] ?? values['why'] ?? (values['chosen'] ? `${String(values['chosen'])} chosen` : ''))}`;
};
