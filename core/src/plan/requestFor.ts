import type { CircuitFacts } from '../circuit/facts';
import type { Schools } from '../vocabulary/schools';
import type { Side } from '../vocabulary/service';
import type { PurgeRequest } from '../purge/request';
import type { PlanRequest, ServiceRequest, StockRequest, TorchRequest } from './request';
import { torchRequestOf, type VanTorch } from '../van/vanTorch';
import { sweptSection } from '../circuit/readPlate';
import { GAUGE_PRESSURE_UNITS } from '../unit/units';

/** What is on the van as it is today. */
export interface VanFacts {
  readonly fillers: readonly StockRequest[];
  readonly torch: VanTorch;
  readonly cylinder?: NonNullable<PurgeRequest['cylinder']>;
}

/** Everything that answers a question before anybody is asked it. */
export interface Around {
  readonly site: { readonly altitudeM: number };
  readonly circuit: CircuitFacts;
  readonly van: VanFacts;
  readonly schools: Schools;
}

/** What a person says: the joint, and whatever is not as site, circuit, van and shop have it. */
export type Said = Pick<PlanRequest, 'joint'> &
  Partial<Omit<PlanRequest, 'joint' | 'service' | 'torch' | 'purge' | 'stock' | 'altitude' | 'atmosphere'>> & {
    readonly service?: ServiceRequest;
    readonly torch?: Partial<TorchRequest>;
    /** Null where it is not known what is swept: the plan is made without a purge, and says so. */
    readonly purge?: Partial<PurgeRequest> | null;
  };

/** The side of the plate a line belongs to. */
const HIGH: readonly Side[] = ['high', 'discharge', 'liquid'];
/** Hottest metal of a line in service [°C], where nobody says: usual for discharge and liquid, and for suction lines. Trade habit. */
const HOTTEST_C = { high: 66, low: 50 } as const;
/** Coldest of a high side [°C]: a machine that stands in the cold. Judgement. */
const HIGH_SIDE_COLDEST_C = 5;
/** Flood flow where the section or the regulator says no less [L/min]. Source: flood flows in trade practice, 10 to 20. */
const FLOOD_L_PER_MIN = 15;

/** What is taken of the line that is swept, where nobody measured it [m]; shown as assumed. Judgement: a short line set. */
export const ASSUMED_SWEPT_M = 5;

const barg = (gaugePa: number) => ({ value: gaugePa / GAUGE_PRESSURE_UNITS.barg, unit: 'barg' });
const celsius = (value: number) => ({ value, unit: 'C' });

/** What site, circuit and van say of a joint's place by themselves. */
export function usualPlace(
  { circuit, van }: Pick<Around, 'circuit' | 'van'>,
  side: Side,
): Pick<Required<PlanRequest>, 'service' | 'torch' | 'purge'> {
  const high = HIGH.includes(side);
  return {
    service: {
      refrigerant: circuit.refrigerant,
      ...(circuit.safetyClass ? { safetyClass: circuit.safetyClass } : {}),
      side,
      designPressure: barg(high ? circuit.highSideDesignGaugePa : circuit.lowSideDesignGaugePa),
      minTemp: celsius(high ? HIGH_SIDE_COLDEST_C : circuit.coldestC),
      maxTemp: celsius(high ? HOTTEST_C.high : HOTTEST_C.low),
    },
    torch: torchRequestOf(van.torch),
    purge: {
      sections: circuit.purgeSections,
      flood: { value: FLOOD_L_PER_MIN, unit: 'L/min' },
      outlet: { kind: 'port-core-out' },
      // The test of the whole circuit goes by its low side where that is in it: what the cylinder has to give at the end.
      testPressure: barg(circuit.lowSideDesignGaugePa),
      ...(van.cylinder ? { cylinder: van.cylinder } : {}),
    },
  };
}

/** The van's torch, unless another fuel is said: that has tips and a cylinder of its own, and nothing of the van's stands for it. */
const torchOf = (van: TorchRequest, said: Partial<TorchRequest>): TorchRequest =>
  said.fuel === undefined || said.fuel === van.fuel ? { ...van, ...said } : { ...said, fuel: said.fuel };

const stockOf = ({ fillers }: VanFacts): readonly StockRequest[] =>
  fillers.map(({ designation, rod }) => ({ designation, ...(rod ? { rod } : {}) }));

/** A kept request with the rods, torch and gas of the van as it is today. */
export function withVan(request: PlanRequest, van: VanFacts): PlanRequest {
  const { purge } = request;
  return {
    ...request,
    stock: stockOf(van),
    torch: torchRequestOf(van.torch),
    ...(purge ? { purge: { ...purge, ...(van.cylinder ? { cylinder: van.cylinder } : {}) } } : {}),
  };
}

/** The swept line of nobody's measuring: the joint's own tube, so long as is usual. */
function assumedSection({ male }: PlanRequest['joint']): PurgeRequest['sections'] {
  const length = { value: ASSUMED_SWEPT_M, unit: 'm' };
  const section = sweptSection({ od: male.od, length, ...(male.wall ? { wall: male.wall } : {}) });
  return section ? [section] : [];
}

/**
 * The request for one joint: what is known already, and over it what a person says.
 *
 * @param around  altitude of the site [m], the circuit's plate, the van as it is today, the schools that hold here
 * @param said    the joint, and whatever differs
 * @returns       a whole request; quantities as they were said. Where no line that is swept was measured, one of 5 m of the joint's own tube
 */
export function requestFor(around: Around, { joint, service, torch, purge, schools, ...rest }: Said): PlanRequest {
  const usual = usualPlace(around, service?.side ?? 'suction');
  const swept = { ...usual.purge, ...purge };
  const sections = swept.sections.length > 0 ? swept.sections : assumedSection(joint);
  return {
    altitude: { value: around.site.altitudeM, unit: 'm' },
    ...rest,
    joint,
    service: { ...usual.service, ...service },
    torch: torchOf(usual.torch, torch ?? {}),
    stock: stockOf(around.van),
    ...(sections.length > 0 && purge !== null ? { purge: { ...swept, sections } } : {}),
    schools: { ...around.schools, ...schools },
  };
}
