import type { NearRequest } from '../protection/request';
import { METAL_NAMES } from '../metal/metals';
import type { FemaleRequest, MaleRequest, PlanRequest, ServiceRequest } from '../plan/request';

const q = (value: number, unit: string) => ({ value, unit });

interface Asked {
  readonly male?: Partial<MaleRequest>;
  readonly female?: Partial<FemaleRequest>;
  readonly service?: ServiceRequest;
  readonly near?: readonly NearRequest[];
  readonly rest?: Partial<PlanRequest>;
}

const joint = ({ male = {}, female = {}, service, near, rest }: Asked): PlanRequest => ({
  joint: { male: { metal: 'copper', od: q(7 / 8, 'in'), ...male }, female: { metal: 'copper', ...female } },
  torch: { fuel: 'air-acetylene' },
  ...(service ? { service } : {}),
  ...(near ? { near } : {}),
  ...rest,
});

const INCH = [1 / 4, 3 / 8, 5 / 8, 7 / 8, 9 / 8, 13 / 8, 17 / 8, 29 / 8];
const MILLIMETRES = [6, 12, 22, 54];
const valve = (mm: number, rest: Partial<NearRequest> = {}): NearRequest => ({ kind: 'valve', distance: q(mm, 'mm'), ...rest });
const STUB = { form: 'component-stub', wall: q(1.4, 'mm') } as const;
const SWEPT = { sections: [{ bore: q(19.94, 'mm'), length: q(12, 'm') }], minutes: 10, outlet: { kind: 'port-core-out' } } as const;

const HISTORIES: readonly Partial<FemaleRequest>[] = [
  { history: 'soft-soldered' },
  { history: { state: 'brazed', filler: 'BAg-1' } },
  { history: { state: 'brazed', filler: 'BCuP-5' } },
  { history: { state: 'brazed', filler: 'BAg-36' } },
  { history: 'brazed' },
  { metal: 'carbon-steel', history: { state: 'brazed', filler: 'BCuP-2', removed: 'ground-off' } },
];

/** Fifty joints that between them meet every table and every question of the engine. */
export const GOLDEN_REQUESTS: readonly PlanRequest[] = [
  ...INCH.map((inch) => joint({ male: { od: q(inch, 'in') } })),
  ...MILLIMETRES.map((mm) => joint({ male: { od: q(mm, 'mm') }, service: { side: 'liquid', designPressure: q(28, 'barg') } })),
  ...METAL_NAMES.filter((metal) => metal !== 'copper').map((metal) => joint({ female: { metal, ...STUB } })),
  joint({ male: { metal: 'aluminium' }, female: { metal: 'aluminium' }, rest: { torch: { fuel: 'air-propane' } } }),
  ...HISTORIES.map((female) => joint({ female })),
  joint({ female: { bore: q(22.9, 'mm') } }),
  joint({ female: { bore: q(22.25, 'mm') } }),
  joint({ male: { form: 'capillary', od: q(2, 'mm'), wall: q(0.6, 'mm') }, female: { form: 'crimped-stub', cupDepth: q(8, 'mm') } }),
  joint({ male: { od: q(1 / 2, 'in') }, female: { form: 'saddle', run: { od: q(7 / 8, 'in'), wall: q(1.14, 'mm') } } }),
  joint({ female: { metal: 'brass', ...STUB }, near: [valve(20, { along: 'female' })] }),
  joint({ near: [valve(60, { protection: 'putty' }), { kind: 'sprinkler', distance: q(1.1, 'm') }] }),
  joint({
    near: [
      { kind: 'compressor', distance: q(40, 'mm'), along: 'female' },
      { kind: 'core', distance: q(60, 'mm') },
    ],
  }),
  joint({
    near: [
      { kind: 'brazed-joint', filler: 'BCuP-5', distance: q(50, 'mm') },
      { kind: 'insulation', distance: q(100, 'mm') },
    ],
  }),
  joint({ service: { refrigerant: 'R-744', side: 'high', designPressure: q(90, 'barg'), rating: q(120, 'barg') } }),
  joint({ service: { refrigerant: 'R-290', side: 'suction' }, rest: { circuit: { state: 'charged', oil: true } } }),
  joint({ service: { side: 'discharge', vibration: true, maxTemp: q(160, 'C') } }),
  joint({ service: { side: 'low', minTemp: q(-40, 'C'), sulphur: true } }),
  joint({ service: { designPressure: q(25, 'barg') }, rest: { schools: { strengthCode: 'en' } } }),
  joint({ rest: { torch: { fuel: 'oxy-acetylene', powerKw: 2, regulator: q(1.5, 'barg') } } }),
  joint({
    rest: {
      torch: { fuel: 'air-propane' },
      joint: { male: { metal: 'copper', od: q(17 / 8, 'in') }, female: { metal: 'copper' }, position: 'overhead', access: 'tight' },
    },
  }),
  joint({ rest: { altitude: q(1600, 'm'), purge: { ...SWEPT, testPressure: q(25, 'barg'), room: { volume: q(8, 'm3') } } } }),
  joint({ rest: { purge: { ...SWEPT, cylinder: { waterVolume: q(10, 'L'), pressure: q(40, 'barg') }, ventilation: q(36, 'm3/h') } } }),
  joint({ rest: { stock: [{ designation: 'BCuP-2' }, { designation: 'BAg-36' }], choose: 'BAg-36', rodFactor: 1.2 } }),
  joint({ female: { metal: 'stainless-steel' }, rest: { stock: [{ designation: 'BCuP-2' }, { designation: 'BAg-5' }] } }),
  joint({ rest: { ambient: q(-10, 'C'), holdSeconds: 20, schools: { houseRod: 'silver-15', cooling: 'wet-cloth' } } }),
];
