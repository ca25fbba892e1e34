import { check, correctionOf } from '@kesto/contract/schemas';
import { coldFlawText, ENTRY_WORDS, FINDING_WORDS, JOINT_STATE_WORDS, LOOK_BAR_WORDS, LOOK_RESULT_WORDS } from '@kesto/contract/wording';
import {
  brazersOf,
  canonicalText,
  correctedEntry,
  findFiller,
  isAtTheTorch,
  KINDS,
  lookBar,
  madeCold,
  MAY_FOLLOW,
  mayFollow,
  safetyClassOf,
  stateAfter,
  tooMildFor,
  type EntryKind,
  type JointEntry,
  type JointLink,
  type JointState,
  type LookFinding,
  type LookResult,
  type SafetyClass,
  type Schools,
} from '@kesto/core';
import { AppError } from '../../platform/errors';
import type { Asked } from './entries.service';

/** A record stays small enough to be exported, sent and read: far above any honest joint. */
const MOST_ENTRIES = 400;
const MOST_PHOTOS = 80;
const MOST_VALUE_CHARS = 16_000;

const JUDGEMENTS: readonly EntryKind[] = ['accepted', 'sent-back'];
const isLead = ({ person }: Asked) => person.role === 'lead' || person.role === 'admin';
const inWords = (states: readonly JointState[]) => states.map((state) => JOINT_STATE_WORDS[state]).join(' or ');

export function checkRoom({ body }: Asked, entries: readonly JointLink[]): void {
  if (canonicalText(body.values).length > MOST_VALUE_CHARS) {
    throw new AppError('TOO_LARGE', `values may have at most ${MOST_VALUE_CHARS} characters`, 'values');
  }
  const photos = entries.reduce((sum, e) => sum + e.content.photos.length, body.photos.length);
  if (entries.length >= MOST_ENTRIES) throw new AppError('FULL', `This joint’s record is full: it holds ${MOST_ENTRIES} entries.`);
  if (photos > MOST_PHOTOS) throw new AppError('FULL', `One joint keeps at most ${MOST_PHOTOS} photos.`, 'photos');
}

/** A claim needs what stands before it; what happened is taken whenever it comes, and read as out of turn where it does not fit. */
export function checkOrder({ body }: Asked, contents: readonly JointEntry[]): void {
  const state = stateAfter(contents, true);
  if (mayFollow(body.kind, state)) return;
  if (KINDS[body.kind].nature === 'fact' && !knewBetter(body, contents)) return;
  const allowed = inWords(MAY_FOLLOW[body.kind]);
  throw new AppError(
    'OUT_OF_ORDER',
    `“${ENTRY_WORDS[body.kind]}” cannot follow “${JOINT_STATE_WORDS[state]}”: the joint must be ${allowed}.`,
    'kind',
  );
}

/** The plan stands from the flame on. */
export function checkPlannedAnew({ body }: Asked, contents: readonly JointEntry[]): void {
  if (body.kind !== 'planned-anew' || !isAtTheTorch(contents)) return;
  throw new AppError('OUT_OF_ORDER', 'The torch was lit: the plan stands as it was. Note what differs in the record.', 'kind');
}

/** The device had seen every entry that this one cannot follow. */
const knewBetter = ({ seen }: Asked['body'], contents: readonly JointEntry[]): boolean =>
  seen?.some(({ of, sequence }) => of === 'joint' && sequence >= (contents.at(-1)?.sequence ?? 0)) ?? false;

/** What is judged in the end: an acceptance, or a correction of one. */
function kindMeant({ body }: Asked, contents: readonly JointEntry[]): EntryKind {
  const corrected = body.corrects && correctedEntry(contents, body.corrects.entry);
  return corrected?.kind ?? body.kind;
}

/** Only a lead or the admin accepts or sends back, and never a joint that they themselves ever heated. */
export function checkJudge(asked: Asked, contents: readonly JointEntry[]): void {
  if (!JUDGEMENTS.includes(kindMeant(asked, contents))) return;
  if (!isLead(asked)) throw new AppError('FORBIDDEN', `${asked.person.role} may not do this: accept a joint or send it back`);
  if (brazersOf(contents).includes(asked.person.id)) {
    throw new AppError('FORBIDDEN', 'Whoever brazed or reworked a joint cannot judge it, whoever worked on it since.');
  }
}

/** A correction names an entry of this joint, is made by its author or a lead, and says only what that kind of entry can say. */
export function checkCorrection(asked: Asked, contents: readonly JointEntry[]): void {
  const { body, person } = asked;
  const isAboutAnother = body.kind === 'corrected' || body.kind === 'struck-out';
  if (isAboutAnother !== (body.corrects !== undefined)) {
    throw new AppError('INVALID_INPUT', 'A correction names the entry it corrects, and nothing else does.', 'corrects');
  }
  if (!body.corrects) return;
  const corrected = correctedEntry(contents, body.corrects.entry);
  if (!corrected) throw new AppError('INVALID_INPUT', 'corrects.entry is not an entry of this joint', 'corrects.entry');
  if (corrected.kind === 'planned')
    throw new AppError('INVALID_INPUT', 'A frozen plan is not corrected: note what differed.', 'corrects.entry');
  if (corrected.person.id !== person.id && !isLead(asked)) {
    throw new AppError('FORBIDDEN', `Only ${corrected.person.name} or a lead corrects this entry.`);
  }
  if (body.kind === 'struck-out') return;
  const checked = check(correctionOf(corrected.kind), body.values);
  if (!checked.ok) throw new AppError('INVALID_INPUT', checked.problem.message, `values.${checked.problem.field}`.replace(/\.$/, ''));
}

/** What one value says of another, and of the engine's tables. */
/** What a cold joint lacks cannot be looked away. */
function checkColdLook({ kind, values }: Asked['body'], contents: readonly JointEntry[]): void {
  if (kind !== 'looked-at' || values['result'] !== 'pass') return;
  const flaws = madeCold(contents, null)?.flaws ?? [];
  if (flaws.length > 0) throw new AppError('INVALID_INPUT', `values.result cannot be “pass”: ${coldFlawText(flaws)}`, 'values.result');
}

/** How many times it was sent to be reworked, and was. */
const reworksOf = (contents: readonly JointEntry[]) => contents.filter(({ kind }) => kind === 'reworked').length;

/** What bars a look, whatever was found: by what the joint is for, and by what the shop or its job asks. */
export function checkLook(
  { body, person, ...asked }: Asked,
  contents: readonly JointEntry[],
  {
    circuit,
    schools,
  }: { readonly circuit: { readonly refrigerant: string; readonly safetyClass?: SafetyClass }; readonly schools: Schools },
): void {
  if (body.kind !== 'looked-at') return;
  const by = { isMaker: brazersOf(contents).includes(person.onBehalfOf ?? person.id), isLead: isLead({ body, person, ...asked }) };
  const about = {
    reworked: reworksOf(contents),
    refrigerant: circuit.refrigerant,
    safetyClass: safetyClassOf(circuit),
    secondLook: schools.secondLook,
  };
  const bar = lookBar(body.values as unknown as Parameters<typeof lookBar>[0], { ...by, ...about }); // cast: the schema of a look
  if (bar) throw new AppError('INVALID_INPUT', `values.result: ${LOOK_BAR_WORDS[bar]}`, 'values.result');
}

export function checkValues({ body }: Asked, contents: readonly JointEntry[]): void {
  const { filler, findings } = body.values;
  if (typeof filler === 'string' && !findFiller(filler)) {
    throw new AppError(
      'INVALID_INPUT',
      `values.filler ${filler} is in no table: name it by its designation, such as BAg-36 or BCuP-5`,
      'values.filler',
    );
  }
  checkColdLook(body, contents);
  const looked = body.corrects ? correctedEntry(contents, body.corrects.entry)?.values : body.values;
  const result = looked?.['result'] as LookResult | undefined; // cast: the schema of a look
  const finding = result && findings ? tooMildFor(result, findings as readonly LookFinding[]) : null; // cast: as above
  if (result && finding)
    throw new AppError(
      'INVALID_INPUT',
      `values.result cannot be “${LOOK_RESULT_WORDS[result]}” with “${FINDING_WORDS[finding]}”`,
      'values.result',
    );
}
