import { FieldReader } from '../unit/fieldReader';
import { OUTLET_KINDS, type OutletKind, type PurgeRequest, type SectionRequest } from './request';
import { trickleFlowM3PerS } from './trickle';
import { FLOW_UNITS, type Quantity } from '../unit/units';

const DEFAULT_TARGET_PERCENT = 0.1;
/** More oxygen than this in the tube is no purge [%]. */
const MOST_TARGET_PERCENT = 2;
const DEFAULT_FLOOD_M3_PER_S = 15 * FLOW_UNITS['L/min'];
/** Faster than this in the narrowest bore the gas only whistles [m/s]. */
const FASTEST_M_PER_S = 100;
/** In which the gas of a pressure test is let out, where nobody says [min]. */
const VENT_MINUTES = 2;

export interface Section {
  readonly volumeM3: number;
  readonly boreM: number | null;
  readonly lengthM: number;
}

function readSection(field: string, section: SectionRequest, read: FieldReader): Section {
  if ('volume' in section)
    return { volumeM3: read.volumeM3(`${field}.volume`, section.volume, { min: 0, max: 10 }), boreM: null, lengthM: 0 };
  const boreM = read.lengthM(`${field}.bore`, section.bore, { min: 0.0003, max: 0.15 });
  const lengthM = read.lengthM(`${field}.length`, section.length, { min: 0, max: 2000 });
  return { volumeM3: (Math.PI / 4) * boreM ** 2 * lengthM, boreM, lengthM };
}

export interface ReadPurge {
  readonly sections: readonly Section[];
  readonly floodM3PerS: number;
  readonly target: number;
  readonly minutes: number;
  readonly outlet: OutletKind;
  readonly cylinder: { waterM3: number; pressurePa: number } | null;
  readonly roomM3: number | null;
  readonly ventilationM3PerS: number | null;
  readonly testGaugePa: number | null;
  readonly breaks: number;
  /** In which the test gas is let out. */
  readonly ventS: number;
  readonly atmospherePa: number;
}

function optional<T>(quantity: Quantity | undefined, readIt: (quantity: Quantity) => T): T | null {
  return quantity === undefined ? null : readIt(quantity);
}

export function readPurge(request: PurgeRequest, prefix: string, read: FieldReader): ReadPurge {
  const at = (key: string) => `${prefix}${key}`;
  // A core left in a port is shut: it is an outlet only where something holds it down.
  const isShut = request.outlet.kind === 'none' || (request.outlet.kind === 'port-core-in' && request.outlet.depressor !== true);
  if (isShut) read.errors.push({ kind: 'refused', field: at('outlet.kind'), reason: 'no-outlet' });
  if (!OUTLET_KINDS.includes(request.outlet.kind)) {
    read.errors.push({ kind: 'unknown-word', field: at('outlet.kind'), word: request.outlet.kind, allowed: OUTLET_KINDS });
  }
  if (request.sections.length === 0) read.errors.push({ kind: 'missing', field: at('sections'), needed: 'purge-section' });
  const cylinder = request.cylinder;
  const sections = request.sections.map((section, i) => readSection(at(`sections[${i}]`), section, read));
  return {
    sections,
    floodM3PerS: readFlood(request, sections, { field: at('flood'), read }),
    target: read.number(
      at('targetO2Percent'),
      request.targetO2Percent ?? DEFAULT_TARGET_PERCENT,
      { min: 0.0005, max: MOST_TARGET_PERCENT },
      '%',
    ),
    minutes: read.number(at('minutes'), request.minutes ?? 0, { min: 0, max: 1440 }, 'min'),
    outlet: request.outlet.kind,
    cylinder: cylinder
      ? {
          waterM3: read.volumeM3(at('cylinder.waterVolume'), cylinder.waterVolume, { min: 0.0001, max: 1 }),
          pressurePa: read.absolutePressure(at('cylinder.pressure'), cylinder.pressure, { min: 0, max: 32e6 }),
        }
      : null,
    roomM3: optional(request.room?.volume, (q) => read.volumeM3(at('room.volume'), q, { min: 0.1, max: 1e6 })),
    ventilationM3PerS: optional(request.ventilation, (q) => read.flowM3PerS(at('ventilation'), q, { min: 0, max: 1000 })),
    testGaugePa: optional(request.testPressure, (q) => read.plainGaugePressure(at('testPressure'), q, { min: 0, max: 20e6 })),
    breaks: read.number(at('breaks'), request.breaks ?? 0, { min: 0, max: 20 }, 'breaks'),
    ventS: 60 * read.number(at('ventMinutes'), request.ventMinutes ?? VENT_MINUTES, { min: 0.1, max: 1440 }, 'min'),
    atmospherePa: read.atmosphere,
  };
}

export const boresOf = (sections: readonly Section[]) => sections.flatMap((s) => s.boreM ?? []);

/** The flood as typed, refused where it is none; else the usual one, no faster than the narrowest bore bears. */
function readFlood(request: PurgeRequest, sections: readonly Section[], { field, read }: { field: string; read: FieldReader }): number {
  const bores = boresOf(sections);
  const narrowest = Math.min(...bores);
  const fastest = bores.length === 0 ? Infinity : FASTEST_M_PER_S * (Math.PI / 4) * narrowest ** 2;
  if (!request.flood) return Math.min(DEFAULT_FLOOD_M3_PER_S, fastest);
  const flow = read.flowM3PerS(field, request.flood, { min: 1e-6, max: 0.05 });
  const trickle = bores.length === 0 ? 0 : trickleFlowM3PerS(Math.max(...bores));
  if (flow < trickle)
    read.errors.push({ kind: 'refused', field, reason: 'flood-under-trickle', value: (trickle / FLOW_UNITS['L/min']).toFixed(1) });
  else if (flow > fastest) read.errors.push({ kind: 'refused', field, reason: 'flood-too-fast', value: (fastest * 60_000).toFixed(1) });
  return flow;
}
