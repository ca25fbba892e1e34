import { BEND_ROWS, type BendRow } from '../ledger/bendRows';
import type { Bend, BendPoint } from '../ledger/words';
import { FieldReader } from '../unit/fieldReader';
import type { KeptStage } from '../vocabulary/stage';
import { factsOf, type FactOf, type StageFact } from './entry';
import { joiningOf } from './joining';

/** What bends this job, in the order it was said; what was taken back is not there. */
export function bendsOf(facts: readonly StageFact[]): readonly Bend[] {
  const lastOf = (bend: Bend) =>
    facts.findLast((fact) => (fact.kind === 'bend-began' || fact.kind === 'bend-left') && fact.values.bend === bend);
  const begun = new Set(factsOf(facts, 'bend-began').map(({ values }) => values.bend));
  return [...begun].filter((bend) => lastOf(bend)?.kind === 'bend-began');
}

/** What was said of a point last; null where nobody has. */
export const bendPoint = (facts: readonly StageFact[], bend: Bend, point: BendPoint): FactOf<'bend-point'> | null =>
  factsOf(facts, 'bend-point').findLast(({ values }) => values.bend === bend && values.point === point) ?? null;

/** Over the suction drier, more than this and it is full: changed, and run again [Pa]. Source: practice, 14 to 20 kPa (2 to 3 psi). */
const FULL_DRIER_PA = 20_000;

/** Read, and not yet as it has to be: acid after the run, a drier that is full. Both cores change, and it runs again. */
function isToDoAgain({ point, reads, result }: FactOf<'bend-point'>['values']): boolean {
  if (point === 'acid-again') return result === 'acid';
  if (point !== 'drop-read' || !reads) return false;
  const reader = new FieldReader();
  const dropPa = reader.pressureDifferencePa('reads', reads, { min: -1e9, max: 1e9 });
  return reader.errors.length === 0 && dropPa > FULL_DRIER_PA;
}

/** What nobody has answered of a bend, or whose answer asks for it to be done again. */
export const openBendPoints = (facts: readonly StageFact[], bend: Bend): readonly BendRow[] =>
  BEND_ROWS[bend].filter(({ point }) => {
    const said = bendPoint(facts, bend, point);
    return said === null || isToDoAgain(said.values);
  });

/** A gauge that was left alone moves this much with warmth: more is a leak into it [share, Pa]. Judgement. */
const MOVES = { share: 0.02, pa: 2000 } as const;

/**
 * Pressure that the other circuit's gauge rose by while this one was held [Pa]; null where it did not, or nobody read it.
 *
 * @source  two circuits that share an exchanger: a rise on the other side is a leak inside it, or a valve between them
 */
export function otherRosePa(facts: readonly StageFact[]): number | null {
  const reader = new FieldReader();
  const pa = (point: BendPoint) => {
    const reads = bendPoint(facts, 'two-circuits', point)?.values.reads;
    return reads ? reader.gaugePressure('reads', reads, { min: -2e5, max: 1e9 }) : null;
  };
  const [before, after] = [pa('other-before'), pa('other-after')];
  if (before === null || after === null || reader.errors.length > 0) return null;
  const rose = after - before;
  return rose > Math.max(MOVES.pa, MOVES.share * Math.abs(before)) ? rose : null;
}

/** Of a stage, what bends of the job keep open. */
export const openOfBends = (facts: readonly StageFact[], stage: KeptStage): readonly BendPoint[] =>
  bendsOf(facts)
    .flatMap((bend) => openBendPoints(facts, bend))
    .filter(({ before }) => before === stage)
    .map(({ point }) => point);

/** The owner said no: nothing more is done but to leave it safe and to say so in writing. */
export const ownerSaidNo = (facts: readonly StageFact[]): boolean => bendsOf(facts).includes('owner-no');

/** In a sealed room nothing burns: what is opened there is joined without a flame. */
export const isFlameBarred = (facts: readonly StageFact[]): boolean => bendsOf(facts).includes('sealed-room');

/** Somebody said of this job that its charge is small and critical: weighed, and not trimmed, whatever its kind. */
export const isSaidCritical = (facts: readonly StageFact[]): boolean => bendsOf(facts).includes('critical-charge');

/** Somebody said of this job that nobody knows its charge. */
export const isSaidUnknown = (facts: readonly StageFact[]): boolean => bendsOf(facts).includes('unknown-charge');

/** Left under pressure with its gauge read, and nobody has read it since: whoever goes on does that first. */
export const isLeftAlone = (facts: readonly StageFact[]): boolean =>
  bendsOf(facts).includes('overnight-pressure') &&
  bendPoint(facts, 'overnight-pressure', 'gauge-left') !== null &&
  bendPoint(facts, 'overnight-pressure', 'gauge-found') === null;

/** In a sealed room no flame is lit: the parts of which nobody said yet how they are joined instead. */
export function joiningAsked(facts: readonly StageFact[], parts: readonly string[]): readonly string[] {
  if (!isFlameBarred(facts)) return [];
  const said = joiningOf(facts);
  return parts.filter((part) => !said.has(part));
}
