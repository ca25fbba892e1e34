import { partName } from '@kesto/contract/wording';
import type { BrazedValues, JointView, StoredPlan } from '@kesto/contract';
import {
  formatDuration,
  formatFlow,
  formatLength,
  parseDuration,
  parseFlow,
  parseLength,
  readingText,
  type Quantity,
  type Result,
  type UnitPreferences,
  FLOW_UNITS,
  LENGTH_UNITS,
  LPM_PER_M3_PER_S,
  TIME_UNITS,
} from '@kesto/core';

export type BrazeField = 'rod' | 'seconds' | 'purge' | 'flood' | 'depth';

/** As it is being typed. */
export interface BrazeForm {
  readonly filler: string;
  readonly reason: string;
  readonly protection: string;
  readonly note: string;
  readonly fields: Readonly<Record<BrazeField, string>>;
}

export type BrazeProblems = Partial<Record<BrazeField | 'reason', string>>;

/** A table of factors in terms of one of its units. */
const inTermsOf = (factors: Readonly<Record<string, number>>, of: number): Readonly<Record<string, number>> =>
  Object.fromEntries(Object.entries(factors).map(([unit, factor]) => [unit, factor / of]));
const IN_MM = inTermsOf(LENGTH_UNITS, LENGTH_UNITS.mm);
const IN_LPM = inTermsOf(FLOW_UNITS, FLOW_UNITS['L/min']);
const IN_S: Readonly<Record<string, number>> = TIME_UNITS;

const withoutMin = (text: string) => text.replace(' min', '');

/** What was planned, ready to be changed where it differed. */
export function prefilled(plan: StoredPlan | null, units: UnitPreferences): BrazeForm {
  const answer = plan?.answer;
  return {
    filler: plan?.chosen ?? '',
    reason: '',
    note: '',
    protection:
      answer?.protection
        .map((p) => [p.measure].flat().filter((word) => word !== 'none' && word !== 'distance'))
        .map((words, i) =>
          words.length === 0 ? '' : `${partName(answer.protection[i]?.kind ?? '')}: ${words.join(', ').replaceAll('-', ' ')}`,
        )
        .filter((text) => text !== '')
        .join('; ') ?? '',
    fields: {
      rod: answer?.filler ? readingText(formatLength(answer.filler.rodLengthMm / 1000, units, 0)) : '',
      seconds: answer?.heat?.seconds ? withoutMin(readingText(formatDuration(answer.heat.seconds))) : '',
      purge: answer?.purge?.trickleLpm ? readingText(formatFlow(answer.purge.trickleLpm / LPM_PER_M3_PER_S, units)) : '',
      flood: answer?.purge ? withoutMin(readingText(formatDuration(answer.purge.floodSeconds))) : '',
      depth: answer ? readingText(formatLength(answer.fit.insertMm / 1000, units)) : '',
    },
  };
}

export const differsFromPlan = (joint: Pick<JointView, 'plan'>, filler: string) => joint.plan !== null && filler !== joint.plan.chosen;

/** Reads the form, or says field by field what cannot be read. */
export function readBraze(
  form: BrazeForm,
  units: UnitPreferences,
  differs: boolean,
): { readonly values: BrazedValues | null; readonly problems: BrazeProblems } {
  const problems: BrazeProblems = {};
  const bare = units.length === 'metric' ? 'mm' : 'in';
  const one = (key: BrazeField, parse: (text: string) => Result<Quantity>, factors: Readonly<Record<string, number>>): number | null => {
    if (form.fields[key].trim() === '') return null;
    const result = parse(form.fields[key]);
    const factor = result.ok ? factors[result.value.unit] : undefined;
    if (!result.ok || factor === undefined) {
      problems[key] = 'cannot be read; type a number, with or without its unit';
      return null;
    }
    if (result.value.value < 0) problems[key] = 'must not be negative';
    return Number((result.value.value * factor).toPrecision(6));
  };
  const rodMm = one('rod', (s) => parseLength(s, bare), IN_MM);
  if (rodMm === null && !problems.rod) problems.rod = 'is needed: how much rod went in';
  if (differs && form.reason.trim() === '') problems.reason = 'Write why another filler than the plan’s was used.';
  const values = {
    filler: form.filler,
    rodMm: rodMm ?? 0,
    seconds: one('seconds', parseDuration, IN_S),
    purgeLpm: one('purge', (s) => parseFlow(s, units.length === 'metric' ? 'L/min' : 'scfh'), IN_LPM),
    floodSeconds: one('flood', parseDuration, IN_S),
    depthMm: one('depth', (s) => parseLength(s, bare), IN_MM),
    protection: form.protection.trim(),
    note: form.note.trim(),
    ...(differs ? { reason: form.reason.trim() } : {}),
  };
  return { values: Object.keys(problems).length === 0 ? values : null, problems };
}
