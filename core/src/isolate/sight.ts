import { gramsPerYear } from '../hold/refrigerantLeak';
import { refrigerantName } from '../refrigerant/safetyClasses';
import { Saturation } from '../refrigerant/saturation';
import { ok, fail, type Result } from '../result';
import { FieldReader } from '../unit/fieldReader';
import type { CircuitGraph } from '../circuit/graph';
import type { SectionHoldRequest } from './request';
import { sectionsOf, seenBy, type HeldSection } from './sections';

/** A section with what its hold sees, in grams a year of the service refrigerant as well. */
export interface SectionSight extends HeldSection {
  /** Null where its volume, or the refrigerant, is not known. */
  readonly seenGramsPerYear: number | null;
}

export interface HoldSight {
  readonly whole: SectionSight;
  readonly sections: readonly SectionSight[];
}

/** Where nobody measured a temperature [°C]. */
const ROOM_C = 20;

/**
 * What a hold of each section sees in the same time, beside a hold of the whole.
 *
 * @param circuit      as drawn
 * @param cuts         ids of the parts to cut at
 * @param hold         test pressure (gauge), minutes, gauge and thermometer
 * @param refrigerant  in service: turns the leak of nitrogen into grams a year
 * @source             smallestSeen of a hold; viscous flow from nitrogen to the refrigerant's vapour at 20 °C
 */
export function holdSight(
  circuit: CircuitGraph,
  cuts: readonly string[],
  hold: SectionHoldRequest,
  refrigerant: string,
): Result<HoldSight> {
  const read = new FieldReader();
  const seen = seenBy(hold, read);
  const fluid = Saturation.of(refrigerantName(refrigerant) ?? refrigerant);
  const testPa = read.plainGaugePressure('hold.testPressure', hold.testPressure, { min: 0, max: 20e6 });
  const around = { pressurePa: testPa + read.atmosphere, celsius: ROOM_C, atmospherePa: read.atmosphere };
  const sighted = (section: HeldSection): SectionSight => {
    const leakPaM3S = section.volumeM3 > 0 ? section.smallestSeenPaM3S : null;
    return { ...section, seenGramsPerYear: leakPaM3S === null || !fluid ? null : gramsPerYear({ leakPaM3S, ...around }, fluid) };
  };
  const [whole] = sectionsOf(circuit, [], seen, read);
  const sections = sectionsOf(circuit, cuts, seen, read);
  if (read.errors.length > 0 || !whole) return fail(...read.errors);
  return ok({ whole: sighted(whole), sections: sections.map(sighted) });
}
