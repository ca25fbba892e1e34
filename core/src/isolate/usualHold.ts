import type { CircuitGraph } from '../circuit/graph';
import { FieldReader } from '../unit/fieldReader';
import type { Instrument } from '../van/readVan';
import type { SectionHoldRequest } from './request';

/**
 * Ids of the parts a circuit can be cut at for a hold: hand valves that were not seen to let by. A solenoid, check, expansion or reversing
 * valve, a compressor or a capillary parts nothing: back pressure lifts a pilot solenoid, a warm bulb opens an expansion valve.
 *
 * @source  practice of leak hunts; what parts two limits in a hold
 */
export const cutsIn = (graph: CircuitGraph): readonly string[] =>
  graph.parts.filter((part) => part.kind === 'valve' && part.closes !== false).map((part) => part.id);

/** Ids of the hand valves that were seen to close: these part a section that is put under pressure. */
export const provenCutsIn = (graph: CircuitGraph): readonly string[] =>
  graph.parts.filter((part) => part.kind === 'valve' && part.closes === true).map((part) => part.id);

/** Watched so long [min], with a gauge of such steps and a thermometer so far off [K], where the van has none. Judgement: a digital gauge, a clamp. */
const USUAL = { minutes: 30, step: { value: 1, unit: 'kPa' }, offK: 0.3 } as const;

/**
 * How a section is held until somebody says otherwise.
 *
 * @param lowSideDesignGaugePa  the plate's limit of the low side [Pa gauge]: never above it where the low side is in the section
 * @param instruments           of the van: its first gauge and thermometer count
 * @source                      test pressure by the data plate; judgement where the van has no instrument
 */
export function usualHold(lowSideDesignGaugePa: number, instruments: readonly Instrument[]): SectionHoldRequest {
  const first = (kind: Instrument['kind']) => instruments.find((instrument) => instrument.kind === kind);
  return {
    testPressure: { value: lowSideDesignGaugePa / 100_000, unit: 'barg' },
    minutes: USUAL.minutes,
    gauge: { resolution: first('gauge')?.resolution ?? USUAL.step },
    temperatureUncertaintyK: first('thermometer')?.offK ?? USUAL.offK,
  };
}

/** A gauge's dial, as far as one is asked about [Pa]. */
const DIAL_PA = { min: 0, max: 200e6 } as const;

/**
 * A gauge of the van that ends below the pressure it is to show.
 *
 * @param gaugePa      what is to be read [Pa gauge]
 * @param instruments  of the van: its first gauge counts, as for a hold
 * @returns            where its dial ends [Pa gauge]; null where it reaches, or nobody said where it ends
 */
export function gaugeEndsBelow(gaugePa: number, instruments: readonly Instrument[]): number | null {
  const range = instruments.find(({ kind }) => kind === 'gauge')?.range;
  if (!range) return null;
  const endPa = new FieldReader().pressureDifferencePa('range', range, DIAL_PA);
  return endPa < gaugePa ? endPa : null;
}
