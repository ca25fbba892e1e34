import type { CircuitGraph } from '../circuit/graph';
import type { Instrument } from '../van/readVan';
import type { CircuitKind } from '../vocabulary';
import type { SectionHoldRequest } from './request';

/** Parts that a circuit can be cut at: what can be shut, and where the pressure is let down. */
const CUTS: readonly CircuitKind[] = ['valve', 'solenoid', 'expansion-valve', 'capillary'];
const USUAL_CUTS: readonly CircuitKind[] = ['valve', 'expansion-valve'];

const ofKinds = (graph: CircuitGraph, kinds: readonly CircuitKind[]): readonly string[] =>
  graph.parts.filter((part) => kinds.includes(part.kind)).map((part) => part.id);

/** Ids of the parts a circuit can be cut at for a leak hunt, and of those it usually is. Source: practice of leak hunts. */
export const cutsIn = (graph: CircuitGraph): readonly string[] => ofKinds(graph, CUTS);
/** Ids of the parts a circuit usually is cut at: what closes by itself or by hand. */
export const usualCuts = (graph: CircuitGraph): readonly string[] => ofKinds(graph, USUAL_CUTS);

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
