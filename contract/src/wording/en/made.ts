import type { PlanAnswer } from '../../engine/plan';
import type { BrazedValues, JointView } from '../../joints/types';
import { coldEntryText } from './cold';
import { flawText } from './dial';
import { goesOnText } from './goesOn';
import { heldEntryText } from './hold';
import { pulledEntryText } from './pull';
import { runEntryText } from './run';
import { FINDING_WORDS, LOOK_RESULT_WORDS } from './record';
import {
  againstPlan,
  ALLOWED,
  formatDuration,
  formatFlow,
  formatLength,
  formatOnRule,
  inTurn,
  readChain,
  readingText,
  type AgainstPlan,
  type Flaw,
  type JointEntry,
  type LookFinding,
  type LookResult,
  type MadeFigure,
  type Reading,
  type UnitPreferences,
  LPM_PER_M3_PER_S,
} from '@kesto/core';

export interface MadeRow {
  readonly label: string;
  readonly plan: Reading | null;
  readonly made: Reading | null;
  readonly against: AgainstPlan;
  readonly band: { readonly least: number; readonly most: number };
}

/** Values of the last brazing, with later corrections laid over them. */
export function brazedValues(joint: JointView): BrazedValues | null {
  const contents = inTurn(readChain(joint.entries));
  const last = contents.findLast((c) => c.kind === 'brazed' || c.kind === 'reworked');
  if (!last) return null;
  const corrections = contents.filter((c) => c.corrects?.entry === last.id).map((c) => c.values);
  return Object.assign({}, last.values, ...corrections) as BrazedValues; // cast: the schema of this kind of entry
}

interface Compared {
  readonly figure: MadeFigure;
  readonly label: string;
  readonly planned: number | null | undefined;
  readonly done: number | null;
  readonly show: (value: number) => Reading;
}

const AS_PLANNED: AgainstPlan = { ratio: 1, inside: true };

/** What was taken over unchanged is as planned, whatever was rounded on the way to the screen. */
const looksTheSame = (planned: number | null | undefined, done: number | null, show: Compared['show']) =>
  planned != null && done !== null && readingText(show(planned)) === readingText(show(done));

/** What was planned beside what was done. */
export function madeRows(answer: PlanAnswer | null, made: BrazedValues | null, units: UnitPreferences): readonly MadeRow[] {
  if (!answer || !made) return [];
  const rule = (mm: number) => formatOnRule(mm / 1000, units);
  const flow = (lpm: number) => formatFlow(lpm / LPM_PER_M3_PER_S, units);
  const { purge } = answer;
  const rows: readonly Compared[] = [
    { figure: 'rod', label: 'rod', planned: answer.filler?.rodLengthMm, done: made.rodMm, show: rule },
    { figure: 'heat', label: 'heat', planned: answer.heat?.seconds, done: made.seconds, show: formatDuration },
    { figure: 'flood', label: 'flood', planned: purge?.floodSeconds, done: made.floodSeconds, show: formatDuration },
    { figure: 'trickle', label: 'trickle', planned: purge?.trickleLpm, done: made.purgeLpm, show: flow },
    {
      figure: 'depth',
      label: 'in the cup',
      planned: answer.fit.insertMm,
      done: made.depthMm,
      show: (mm) => formatLength(mm / 1000, units),
    },
  ];
  return rows.map(({ figure, label, planned, done, show }) => ({
    label,
    plan: planned == null ? null : show(planned),
    made: done == null ? null : show(done),
    against: looksTheSame(planned, done, show) ? AS_PLANNED : againstPlan(figure, planned, done),
    band: ALLOWED[figure],
  }));
}

export const sentenceOf = (content: JointEntry): string => {
  const { values } = content;
  if (content.corrects) return content.corrects.why;
  if (content.kind === 'commented') return String(values['text'] ?? '');
  if (content.kind === 'erased') return String(values['why'] ?? '');
  const ofRun =
    runEntryText(content.kind, values) ??
    coldEntryText(content.kind, values) ??
    heldEntryText(content.kind, values) ??
    pulledEntryText(content.kind, values) ??
    goesOnText(content.kind, values);
  if (ofRun !== null) return ofRun;
  const result = values['result'] ? `${LOOK_RESULT_WORDS[values['result'] as LookResult]}. ` : ''; // cast: the schema of a look
  const lot = values['lot'] ? `, lot ${String(values['lot'])}` : '';
  const filler = values['filler'] ? `${String(values['filler'])}${lot}, ${String(values['rodMm'])} mm of rod. ` : '';
  const reason = values['reason'] ? `Other than planned: ${String(values['reason'])} ` : '';
  const findings =
    Array.isArray(values['findings']) && values['findings'].length > 0
      ? `${values['findings'].map((name) => FINDING_WORDS[name as LookFinding]).join(', ')}${values['flaw'] ? `, ${flawText(values['flaw'] as Flaw)}` : ''}. `
      : ''; // cast: as above
  return `${result}${filler}${reason}${findings}${String(values['note'] ?? values['why'] ?? (values['chosen'] ? `${String(values['chosen'])} chosen` : ''))}`;
};
