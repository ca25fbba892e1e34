import {
  bendsOf,
  factsOf,
  lastHold,
  lastOf,
  leaksOf,
  lossOf,
  openBendPoints,
  openHandOver,
  ownerSaidNo,
  standingRise,
  stageState,
  tightGrams,
  type HandOverFacts,
  type StageFact,
  type UnitPreferences,
} from '@kesto/core';
import { formatGaugePressure, formatMass, formatWait, formatYearlyLoss, gaugePascals, readingText } from '@kesto/core/unit';
import { BEND_POINT_WORDS } from './bends';
import { HAND_OVER_WORDS } from './endEntries';
import { lostSentence } from './found';

/** What a report is told from. */
export interface ReportFacts {
  readonly facts: readonly StageFact[];
  readonly unitName: string;
  /** What the job is called. */
  readonly title: string;
  readonly refrigerant: string;
  /** Joints that were made and stay. */
  readonly made: number;
  /** What the list at the end is judged by. */
  readonly about: HandOverFacts;
  readonly units: UnitPreferences;
  readonly nameOf: (place: string) => string;
}

/** One figure of the front page, with what it was before or rests on. */
export interface ReportFigure {
  readonly label: string;
  readonly value: string;
  readonly note: string;
  readonly tone: 'bad' | 'good' | 'plain';
}

/** The page for whoever pays, in plain words. */
export interface PlainReport {
  readonly headline: string;
  readonly wrong: readonly string[];
  readonly did: readonly string[];
  readonly know: readonly string[];
  readonly figures: readonly ReportFigure[];
}

const and = (names: readonly string[]) =>
  names.length < 2 ? names.join('') : `${names.slice(0, -1).join(', ')} and ${names.at(-1) ?? ''}`;
const places = (count: number) => (count === 1 ? 'one place' : `${count} places`);
const isTight = (facts: readonly StageFact[]) => lastHold(facts)?.ended?.values.verdict === 'tight';

function headlineOf({ facts, unitName }: ReportFacts): string {
  if (stageState(facts, 'hand-over') === 'done' && isTight(facts)) return `Your ${unitName} holds its filling again`;
  if (lastOf(facts, 'charge-began') || isTight(facts)) return `The work on your ${unitName}`;
  return `What was found on your ${unitName}`;
}

function wrongOf({ facts, title, units, nameOf }: ReportFacts): readonly string[] {
  const leaks = [...new Set(leaksOf(facts).map(({ place }) => nameOf(place)))];
  const complaint = lastOf(facts, 'complaint')?.values.text;
  const lost = lostSentence(lossOf(facts), units);
  return [
    ...(leaks.length > 0 ? [`Refrigerant got out at ${places(leaks.length)}: ${and(leaks)}.`] : []),
    ...(lost ? [lost] : []),
    ...(leaks.length === 0 ? [complaint ? `You told us: ${complaint}` : `The job was: ${title}.`] : []),
  ];
}

function didOf({ facts, units, made, refrigerant }: ReportFacts): readonly string[] {
  const hold = lastHold(facts);
  const ended = hold?.ended?.values;
  const began = hold?.began.values;
  const rise = standingRise(facts)?.values;
  const charged = lastOf(facts, 'charged')?.values;
  const at = began ? readingText(formatGaugePressure(gaugePascals((began.stepsKpag.at(-1) ?? began.fullKpag) * 1000), units)) : '';
  const held = ended && began ? `Tested the pipework with nitrogen at ${at} for ${readingText(formatWait(ended.minutes))}` : '';
  return [
    ...(made > 0 ? [made === 1 ? 'Made one new joint on the pipework.' : `Made ${made} new joints on the pipework.`] : []),
    ...(ended ? [`${held}: ${ended.verdict === 'tight' ? 'it holds' : 'it did not prove tight'}.`] : []),
    ...(rise?.verdict === 'tight-and-dry' ? ['Emptied it of air and water with a pump, and watched that it stays empty.'] : []),
    ...(charged
      ? [`Weighed in ${readingText(formatMass(charged.doneKg, units))} of ${refrigerant}${charged.isCharged ? ', as it should be' : ''}.`]
      : []),
  ];
}

/** What an owner who says no is left with, and what of a bend nobody has answered. */
function leftBy(facts: readonly StageFact[]): readonly string[] {
  const told = factsOf(facts, 'bend-point').flatMap(({ values: { bend, note } }) => (bend === 'owner-no' && note ? [note] : []));
  const open = bendsOf(facts).flatMap((bend) => openBendPoints(facts, bend).map(({ point }) => BEND_POINT_WORDS[point].name));
  return [
    ...(ownerSaidNo(facts) ? ['Nothing was mended: you said no to the work.', ...told] : []),
    ...(open.length > 0 ? [`Not answered: ${open.join(', ')}.`] : []),
  ];
}

function knowOf({ facts, about }: ReportFacts): readonly string[] {
  const notes = factsOf(facts, 'next-person-note').map(({ values }) => values);
  const next = notes.findLast(({ nextCheck }) => nextCheck !== undefined)?.nextCheck;
  const open = openHandOver(facts, about);
  const wasHanded = lastOf(facts, 'handed-point') !== undefined;
  const told = [
    ...(next ? [`The next leak check is due by ${next}.`] : []),
    ...leftBy(facts),
    ...notes.map(({ note }) => note),
    ...(wasHanded && open.length > 0 ? [`Still open: ${open.map((point) => HAND_OVER_WORDS[point].name).join(', ')}.`] : []),
    ...(lastOf(facts, 'charge-began')?.values.isUnknown ? ['Nobody knows how much belongs in it: the filling is marked unknown.'] : []),
  ];
  return told.length > 0 ? told : ['Nothing was noted for you beyond this page.'];
}

function figuresOf({ facts, units, refrigerant }: ReportFacts): readonly ReportFigure[] {
  const loss = lossOf(facts);
  const hold = lastHold(facts)?.ended?.values;
  const grams = hold && hold.verdict === 'tight' ? tightGrams(hold) : null;
  const charged = lastOf(facts, 'charged')?.values;
  const rise = standingRise(facts)?.values;
  const aYear = (g: number) => readingText(formatYearlyLoss(g / 1000, units, g < 1000 ? 3 : 2));
  return [
    ...(loss ? [{ label: 'before', value: aYear(loss.gramsPerYear), note: 'of refrigerant lost', tone: 'bad' as const }] : []),
    ...(grams === null
      ? []
      : [{ label: 'tight to better than', value: aYear(grams), note: 'by the pressure test', tone: 'good' as const }]),
    ...(charged
      ? [{ label: 'filling', value: readingText(formatMass(charged.doneKg, units)), note: refrigerant, tone: 'plain' as const }]
      : []),
    ...(rise?.verdict === 'tight-and-dry'
      ? [
          {
            label: 'empty of air and water',
            value: `${Math.round(rise.minutes)} min`,
            note: 'watched with the pump off',
            tone: 'plain' as const,
          },
        ]
      : []),
  ];
}

/** What whoever pays reads: what was wrong, what was done, what to know. */
export const plainReport = (from: ReportFacts): PlainReport => ({
  headline: headlineOf(from),
  wrong: wrongOf(from),
  did: didOf(from),
  know: knowOf(from),
  figures: figuresOf(from),
});
