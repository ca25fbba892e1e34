import type { CircuitView, Stage, UnitDetails, UnitKind, VanStock } from '@kesto/contract';
import { TEMPLATE_CIRCUITS, type CircuitGraph, type CircuitPart, type CircuitTemplate, type JointPlace, type Quantity } from '@kesto/core';
import { demoId } from './ids';

const bar = (value: number) => value * 100_000;
const mm = (value: number): Quantity => ({ value, unit: 'mm' });
const m = (value: number): Quantity => ({ value, unit: 'm' });
const litres = (value: number) => ({ volume: { value, unit: 'L' } });

/** The made-up Lumikero Botanical Station: a seed vault and research greenhouse. */
export const SITE = { id: demoId(2), name: 'Lumikero Botanical Station', altitudeM: 180 };

interface DemoUnit {
  readonly tag: string;
  readonly name: string;
  readonly kind: UnitKind;
  readonly unitId: string;
  readonly drawnAs: CircuitTemplate;
  /** What was seen of its parts. */
  readonly seen?: Readonly<Record<string, Partial<CircuitPart>>>;
  readonly circuitId: string;
  readonly circuit: Omit<CircuitView, 'id'>;
  /** Where the machine has one: drawn as the first. */
  readonly second?: { readonly circuitId: string; readonly circuit: Omit<CircuitView, 'id'> };
  readonly plate: UnitDetails;
}

const DRYER = {
  refrigerant: 'R-407C',
  highSideDesignGaugePa: bar(28),
  lowSideDesignGaugePa: bar(18),
  coldestC: -5,
  chargeKg: 5.1,
  purgeSections: [{ bore: mm(26.03), length: m(8) }, litres(3.2)],
} as const;

export const UNITS: readonly DemoUnit[] = [
  {
    tag: 'CR2',
    name: 'vault cold room',
    kind: 'cold-room',
    drawnAs: 'walk-in',
    seen: { 'king-valve': { closes: true }, receiver: litres(11), condenser: litres(4) },
    unitId: demoId(0x21),
    circuitId: demoId(0x31),
    circuit: {
      name: 'main',
      refrigerant: 'R-449A',
      highSideDesignGaugePa: bar(28),
      lowSideDesignGaugePa: bar(19),
      coldestC: -25,
      chargeKg: 11.4,
      purgeSections: [{ bore: mm(19.94), length: m(12) }, litres(1.8)],
    },
    plate: { model: 'VR 12', serial: '0417', installedOn: '2019-05-02', warrantyUntil: '2026-05-02' },
  },
  {
    tag: 'GC7',
    name: 'growth chamber',
    kind: 'chamber',
    drawnAs: 'capillary-unit',
    unitId: demoId(0x22),
    circuitId: demoId(0x32),
    circuit: {
      name: 'main',
      refrigerant: 'R-134a',
      highSideDesignGaugePa: bar(16),
      lowSideDesignGaugePa: bar(10),
      coldestC: -15,
      chargeKg: 0.31,
      purgeSections: [{ bore: mm(6.3), length: m(4) }, litres(0.4)],
    },
    plate: { model: 'GC 400', serial: '2231', installedOn: '2021-09-14', warrantyUntil: '2023-09-14' },
  },
  {
    tag: 'HS3',
    name: 'herbarium split',
    kind: 'split',
    drawnAs: 'split',
    seen: {
      ...{ 'liquid-valve': { closes: true }, 'gas-valve': { closes: true } },
      ...{ condenser: litres(2.9), evaporator: litres(1.1), drier: litres(0.2) },
    },
    unitId: demoId(0x23),
    circuitId: demoId(0x33),
    circuit: {
      name: 'main',
      refrigerant: 'R-32',
      highSideDesignGaugePa: bar(41),
      lowSideDesignGaugePa: bar(25),
      coldestC: -10,
      chargeKg: 1.9,
      purgeSections: [{ bore: mm(11.07), length: m(9) }, litres(1.1)],
    },
    plate: { model: 'HS 35', serial: '1188', installedOn: '2022-03-21', warrantyUntil: '2027-03-21', registeredOn: '2022-04-01' },
  },
  {
    tag: 'GH2',
    name: 'propagation-house heat pump',
    kind: 'heat-pump',
    drawnAs: 'heat-pump',
    seen: { 'liquid-valve': { closes: true }, 'gas-valve': { closes: true } },
    unitId: demoId(0x24),
    circuitId: demoId(0x34),
    circuit: {
      name: 'main',
      refrigerant: 'R-410A',
      highSideDesignGaugePa: bar(42),
      lowSideDesignGaugePa: bar(29),
      coldestC: -20,
      chargeKg: 3.2,
      purgeSections: [{ bore: mm(14.1), length: m(15) }, litres(1.6)],
    },
    plate: { model: 'PH 70', serial: '5502', installedOn: '2020-10-08', warrantyUntil: '2025-10-08' },
  },
  {
    tag: 'DR1',
    name: 'seed-drying rooftop unit',
    kind: 'rooftop-unit',
    drawnAs: 'rooftop-circuit',
    unitId: demoId(0x25),
    seen: { condenser: { fan: 'roof fan' } },
    circuitId: demoId(0x35),
    circuit: { name: 'circuit 1', ...DRYER },
    second: { circuitId: demoId(0x36), circuit: { name: 'circuit 2', ...DRYER } },
    plate: { model: 'DR 90/2', serial: '9003', installedOn: '2018-06-19' },
  },
];

/** A unit's circuit: its template, with what was seen of its parts. */
export function drawingOf({ drawnAs, seen = {} }: DemoUnit): CircuitGraph {
  const { parts, links } = TEMPLATE_CIRCUITS[drawnAs];
  return { parts: parts.map((part) => ({ ...part, ...seen[part.id] })), links };
}

/** Three weeks after the demo is loaded. */
const DUE_SOON = new Date(Date.now() + 21 * 86_400_000).toISOString().slice(0, 10);

export const VAN: VanStock = {
  fillers: [
    { designation: 'BAg-36', rod: 'round-1/16', count: 3 },
    { designation: 'BAg-7', rod: 'round-1/16', count: 1 },
    { designation: 'BAg-24', rod: 'round-1/16', count: 2 },
    { designation: 'BCuP-5', rod: 'flat-0.050x1/8', count: 9 },
    { designation: 'BCuP-3', rod: 'flat-0.050x1/8', count: 6 },
    { designation: 'BCuP-2', rod: 'flat-0.050x1/8', count: 12 },
    { designation: 'BAg-1', rod: 'round-1/16', count: 1 },
  ],
  instruments: [
    { id: demoId(0x91), kind: 'gauge', name: 'digital gauge set', resolution: { value: 1, unit: 'kPa' }, calibratedUntil: DUE_SOON },
    { id: demoId(0x92), kind: 'thermometer', name: 'pipe clamp', offK: 0.3 },
    { id: demoId(0x93), kind: 'scale', name: 'scale, 100 kg' },
  ],
  recovery: [{ id: demoId(0x94), name: 'recovery cylinder 3', tare: { value: 12.1, unit: 'kg' }, water: { value: 21.6, unit: 'kg' } }],
  gases: [
    { id: demoId(0x95), gas: 'fuel', name: 'acetylene, small', tare: { value: 11.9, unit: 'kg' }, gross: { value: 13.1, unit: 'kg' } },
    {
      id: demoId(0x96),
      gas: 'refrigerant',
      name: 'R-449A, to charge',
      tare: { value: 4.2, unit: 'kg' },
      gross: { value: 13.9, unit: 'kg' },
    },
  ],
  flux: [
    { class: 'FB3-A', grams: 180 },
    { class: 'FB3-C', grams: 90 },
  ],
  wraps: ['wet-cloth', 'putty'],
  countedAt: '2026-11-02T06:30:00.000Z',
  torch: { fuel: 'air-acetylene' },
  cylinder: { waterVolume: { value: 10, unit: 'L' }, pressure: { value: 150, unit: 'barg' } },
};

interface DemoJob {
  readonly id: string;
  readonly number: number;
  readonly circuitId: string;
  readonly title: string;
  readonly stage: Stage;
  readonly done: boolean;
  readonly joints: readonly { readonly id: string; readonly tag: string; readonly title: string; readonly at: JointPlace | null }[];
}

/** A joint at the end of the tube from one part to another. */
const at = (part: string, from: string, to: string): JointPlace => ({ part, from, to });

export const JOBS: readonly DemoJob[] = [
  {
    id: demoId(0x47),
    number: 33,
    circuitId: demoId(0x35),
    title: 'expansion valve hunts, circuit 1',
    stage: 'find',
    done: false,
    joints: [],
  },
  { id: demoId(0x46), number: 32, circuitId: demoId(0x33), title: 'short of charge again', stage: 'find', done: false, joints: [] },
  {
    id: demoId(0x41),
    number: 31,
    circuitId: demoId(0x31),
    title: 'suction valve leaks',
    stage: 'plan',
    done: false,
    joints: [
      { id: demoId(0x5109), tag: 'CR2-09', title: 'Drier inlet, liquid line', at: at('drier', 'king-valve', 'drier') },
      { id: demoId(0x5110), tag: 'CR2-10', title: 'Drier outlet, liquid line', at: at('drier', 'drier', 'sight-glass') },
      {
        id: demoId(0x5107),
        tag: 'CR2-07',
        title: 'Suction line into the ball valve',
        at: at('suction-valve', 'evaporator', 'suction-valve'),
      },
      { id: demoId(0x5108), tag: 'CR2-08', title: 'Ball valve to the unit', at: at('suction-valve', 'suction-valve', 'compressor') },
      { id: demoId(0x5111), tag: 'CR2-11', title: 'Suction line, new coupling in the vault', at: null },
    ],
  },
  {
    id: demoId(0x42),
    number: 30,
    circuitId: demoId(0x35),
    title: 'discharge line cracked at the elbow',
    stage: 'look',
    done: false,
    joints: [{ id: demoId(0x5121), tag: 'DR1-21', title: 'Discharge line, new elbow', at: at('condenser', 'compressor', 'condenser') }],
  },
  {
    id: demoId(0x43),
    number: 29,
    circuitId: demoId(0x34),
    title: 'short of charge, gas line through the wall',
    stage: 'hold',
    done: false,
    joints: [
      { id: demoId(0x5105), tag: 'GH2-05', title: 'Gas line, outdoor coupling', at: at('gas-valve', 'indoor-coil', 'gas-valve') },
      { id: demoId(0x5106), tag: 'GH2-06', title: 'Gas line, indoor coupling', at: at('indoor-coil', 'indoor-coil', 'gas-valve') },
    ],
  },
  {
    id: demoId(0x44),
    number: 27,
    circuitId: demoId(0x32),
    title: 'drier and capillary to change',
    stage: 'decide',
    done: false,
    joints: [{ id: demoId(0x5102), tag: 'GC7-02', title: 'Capillary into the plated drier stub', at: at('drier', 'drier', 'capillary') }],
  },
  {
    id: demoId(0x45),
    number: 24,
    circuitId: demoId(0x33),
    title: 'liquid valve changed',
    stage: 'hand-over',
    done: true,
    joints: [
      {
        id: demoId(0x5103),
        tag: 'HS3-03',
        title: 'Liquid line into the service valve',
        at: at('liquid-valve', 'condenser', 'liquid-valve'),
      },
    ],
  },
];
