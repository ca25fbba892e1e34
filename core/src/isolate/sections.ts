import { partOfPassage, type CircuitGraph, type CircuitLink } from '../circuit/graph';
import { smallestSeenPaM3S, stepNoisePa } from '../hold/smallestSeen';
import { isGaugeUnit, readGauge, readUncertaintyK } from '../hold/readHold';
import { NITROGEN_RANGE } from '../nitrogen/realGas';
import { likelyTube } from '../tube/findTube';
import type { FieldReader } from '../unit/fieldReader';
import { KELVIN_AT_0_C } from '../unit/units';
import { flood, networkOf, splitForGas, touches, type Network } from './network';
import type { SectionHoldRequest } from './request';

/** A piece of the circuit between cuts, to be held on its own. */
export interface HeldSection {
  readonly parts: readonly string[];
  readonly volumeM3: number;
  /** To be added before anything can be let in. */
  readonly portsNeeded: number;
  /** By this section's hold [Pa m3/s]; null where no hold was described. */
  readonly smallestSeenPaM3S: number | null;
}

/** Hold temperature where nobody measured one. */
const ROOM_K = 20 + KELVIN_AT_0_C;
const VOLUME_M3 = { min: 0, max: 10 } as const;
const LENGTH_M = { min: 0, max: 2000 } as const;

/** Of a drawn tube [m2]. Where no table has it, a wall of a tenth of its outside: drawn copper lies between a sixteenth and a tenth. */
export function boreAreaM2({ od: outside, wall: told }: NonNullable<CircuitLink['tube']>, field: string, read: FieldReader): number {
  const od = read.lengthM(`${field}.od`, outside, { min: 0.001, max: 0.5 });
  const wall = told ? read.lengthM(`${field}.wall`, told, { min: 0.0001, max: 0.02 }) : likelyTube(od)?.wallM;
  return (Math.PI / 4) * (od - 2 * (wall ?? od / 10)) ** 2;
}

function tubeVolumeM3({ tube }: CircuitLink, field: string, read: FieldReader): number {
  if (!tube?.length) return 0;
  return boreAreaM2(tube, `${field}.tube`, read) * read.lengthM(`${field}.tube.length`, tube.length, LENGTH_M);
}

type Seen = (volumeM3: number) => number;

/** What a hold of that kind would see, by the volume it holds. */
export function seenBy(hold: SectionHoldRequest, read: FieldReader, path = 'hold'): Seen {
  const gauge = readGauge(`${path}.gauge`, hold.gauge, read);
  const testPa = read.plainGaugePressure(`${path}.testPressure`, hold.testPressure, { min: 1000, max: NITROGEN_RANGE.mostPa });
  const seconds = 60 * read.number(`${path}.minutes`, hold.minutes, { min: 1, max: 44_640 }, 'min');
  const temperatureErrorK = readUncertaintyK(`${path}.temperatureUncertaintyK`, hold.temperatureUncertaintyK, read);
  const errors = {
    noisePa: stepNoisePa(gauge.resolutionPa),
    driftPaPerS: gauge.driftPaPerS,
    pressurePa: testPa + read.atmosphere,
    temperatureK: ROOM_K,
    temperatureErrorK,
    gaugeWarmthPa: 0,
    barometer: isGaugeUnit(hold.testPressure) ? ('weather' as const) : ('none' as const),
  };
  return (volumeM3) => smallestSeenPaM3S(volumeM3, seconds, errors);
}

/** Volumes of parts and tubes, by the nodes they lie at; a tube at a cut belongs to the side that is not cut. */
function volumesOf(circuit: CircuitGraph, split: CircuitGraph, read: FieldReader) {
  const ofPart = new Map(
    circuit.parts.map((part, i) => [part.id, part.volume ? read.volumeM3(`circuit.parts[${i}].volume`, part.volume, VOLUME_M3) : 0]),
  );
  const ofLink = split.links.map((link, i) => tubeVolumeM3(link, `circuit.links[${i}]`, read));
  return { ofPart, ofLink };
}

/**
 * The circuit in sections for a leak hunt.
 *
 * @param circuit  as drawn
 * @param cuts     ids of the parts to cut at: they belong to no section
 * @returns        sections (a port on a cut serves both sides of it) in the order of their first part, each with what it holds [m3, from part volumes and tube sizes given; what nobody
 *                 gave counts nothing], ports it still needs, and the least leak its hold sees [Pa m3/s]
 * @source         a hold's blind part grows with its volume: smallestSeen = 2 V s / t
 */
export function sectionsOf(circuit: CircuitGraph, cuts: readonly string[], seen: Seen | null, read: FieldReader): readonly HeldSection[] {
  const split = splitForGas(circuit);
  const network = networkOf(split);
  const volumes = volumesOf(circuit, split, read);
  const bars = (node: string) => cuts.includes(partOfPassage(node));
  const left = new Set(network.nodes.filter((node) => !bars(node)));
  const sections: HeldSection[] = [];
  for (const start of left) {
    const nodes = flood(network, [start], { bars, passesCompressor: () => true });
    for (const node of nodes) left.delete(node);
    if (isPort(network, nodes)) continue;
    const parts = circuit.parts.map((part) => part.id).filter((id) => [...nodes].some((node) => partOfPassage(node) === id));
    const links = split.links
      .map((link, i) => ({ link, i }))
      .filter(({ link }) => [link.from, link.to].some((end) => parts.includes(end) || nodes.has(end)));
    const inTubes = links.reduce((sum, { i }) => sum + (volumes.ofLink[i] ?? 0), 0);
    const volumeM3 = inTubes + parts.reduce((sum, id) => sum + (volumes.ofPart.get(id) ?? 0), 0);
    const hasPort = hasTap(network, nodes) || links.some(({ link }) => link.tap === true) || hasPortAtCut(network, nodes, bars);
    sections.push({ parts, volumeM3, portsNeeded: hasPort ? 0 : 1, smallestSeenPaM3S: seen && seen(volumeM3) });
  }
  return sections;
}

/**
 * What these parts and the tubes between them hold, as far as it is given.
 *
 * @param parts  ids
 * @returns      [m3]; what nobody gave counts nothing
 */
export function volumeOfPartsM3(circuit: CircuitGraph, parts: readonly string[], read: FieldReader): number {
  const { ofPart, ofLink } = volumesOf(circuit, circuit, read);
  const inTubes = circuit.links.reduce(
    (sum, { from, to }, i) => sum + (parts.includes(from) && parts.includes(to) ? (ofLink[i] ?? 0) : 0),
    0,
  );
  return inTubes + parts.reduce((sum, id) => sum + (ofPart.get(id) ?? 0), 0);
}

/** A port that hangs on a cut alone is no section: it serves those the cut parts. */
const isPort = (network: Network, nodes: ReadonlySet<string>) => [...nodes].every((node) => network.part(node).kind === 'port');

const hasPortAtCut = (network: Network, nodes: ReadonlySet<string>, isCut: (node: string) => boolean): boolean =>
  network.nodes.some(
    (cut) => isCut(cut) && touches(network, cut, nodes) && network.ways(cut).some((way) => network.part(way.to).kind === 'port'),
  );

/** Whether a gauge can be put on anywhere among these. */
export const hasTap = (network: Network, nodes: ReadonlySet<string>): boolean =>
  [...nodes].some((node) => network.part(node).kind === 'port') ||
  network.graph.links.some(
    (link) => link.tap === true && [link.from, link.to].every((end) => nodes.has(end) || isCompressorEnd(nodes, end)),
  );

const isCompressorEnd = (nodes: ReadonlySet<string>, id: string) => nodes.has(`${id}/low`) || nodes.has(`${id}/high`);
