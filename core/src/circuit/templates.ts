import type { CircuitKind } from '../vocabulary';
import type { Quantity } from '../unit/units';
import type { CircuitGraph, CircuitLink, CircuitPart } from './graph';

export const CIRCUIT_TEMPLATES = [
  'split',
  'heat-pump',
  'heat-pump-two-valves',
  'packaged-unit',
  'walk-in',
  'capillary-unit',
  'rooftop-circuit',
  'water-source',
  'long-line-set',
] as const;
export type CircuitTemplate = (typeof CIRCUIT_TEMPLATES)[number];

type Size = '1/4' | '3/8' | '1/2' | '5/8' | '7/8' | '1-1/8';
const INCHES: Readonly<Record<Size, number>> = { '1/4': 0.25, '3/8': 0.375, '1/2': 0.5, '5/8': 0.625, '7/8': 0.875, '1-1/8': 1.125 };

interface Step {
  readonly id: string;
  readonly kind: CircuitKind;
  /** The tube to the next part. */
  readonly od: Size;
  readonly lengthM?: number;
  readonly throughWall?: true;
  readonly rest?: Omit<CircuitPart, 'id' | 'kind'>;
}

const step = (id: string, kind: CircuitKind, od: Size, rest: Omit<Step, 'id' | 'kind' | 'od'> = {}): Step => ({ id, kind, od, ...rest });
const inch = (size: Size): Quantity => ({ value: INCHES[size], unit: 'in' });

/** A tube of a template [m]: nobody measured it. */
const assumed = (od: Size, lengthM: number): NonNullable<CircuitLink['tube']> => ({
  ...{ od: inch(od), length: { value: lengthM, unit: 'm' } },
  lengthAssumed: true,
});

/** Between two parts of one machine [m]. Judgement: discharge and suction lines with their bends are longer than stubs between liquid parts. */
const SHORT_M: Readonly<Partial<Record<CircuitKind, number>>> = {
  compressor: 0.8,
  evaporator: 0.8,
  accumulator: 0.6,
  'reversing-valve': 0.6,
};
const STUB_M = 0.3;
/** A feed of a distributor [m]. Judgement. */
const FEED_M = 0.5;

const tubeOf = ({ od, lengthM, kind }: Step) => assumed(od, lengthM ?? SHORT_M[kind] ?? (kind === 'distributor' ? FEED_M : STUB_M));

const linked = (from: Step, to: string): CircuitLink => ({
  ...{ from: from.id, to, tube: tubeOf(from) },
  ...(from.throughWall ? { throughWall: true } : {}),
});

/** A round of parts, each linked to the next and the last to the first; ports hang on their hosts. */
function round(steps: readonly Step[], ports: readonly (readonly [id: string, host: string])[]): CircuitGraph {
  const parts = new Map<string, CircuitPart>();
  for (const { id, kind, rest } of steps) if (!parts.has(id)) parts.set(id, { id, kind, ...rest });
  const links = steps.map((from, i) => linked(from, (steps[i + 1] ?? steps[0] ?? from).id));
  for (const [id, host] of ports) {
    parts.set(id, { id, kind: 'port', core: 'in' });
    links.push({ from: host, to: id });
  }
  return { parts: [...parts.values()], links };
}

const compressor = (od: Size) => step('compressor', 'compressor', od);

const PORTS_OF_BOTH_VALVES = [
  ['liquid-port', 'liquid-valve'],
  ['gas-port', 'gas-valve'],
] as const;

function splitLike(metres: number, liquid: Size, gas: Size): CircuitGraph {
  return round(
    [
      compressor('1/2'),
      step('condenser', 'condenser', liquid),
      step('liquid-valve', 'valve', liquid),
      step('drier', 'drier', liquid, { lengthM: metres, throughWall: true }),
      step('expansion', 'expansion-valve', liquid),
      step('evaporator', 'evaporator', gas, { lengthM: metres, throughWall: true }),
      step('gas-valve', 'valve', gas),
    ],
    PORTS_OF_BOTH_VALVES,
  );
}

/** From the coil indoors back to the compressor, as it cools. */
const FROM_INDOOR_COIL = [
  step('indoor-coil', 'evaporator', '5/8', { lengthM: 15, throughWall: true }),
  step('gas-valve', 'valve', '5/8'),
  step('reversing', 'reversing-valve', '7/8'),
  step('accumulator', 'accumulator', '7/8'),
];

const heatPump = round(
  [
    compressor('5/8'),
    step('reversing', 'reversing-valve', '5/8'),
    step('outdoor-coil', 'condenser', '3/8'),
    step('drier', 'drier', '3/8'),
    step('liquid-valve', 'valve', '3/8', { lengthM: 15, throughWall: true }),
    step('expansion', 'expansion-valve', '3/8'),
    ...FROM_INDOOR_COIL,
  ],
  PORTS_OF_BOTH_VALVES,
);

/** A valve at each coil, each bypassed by its check valve in one position: drawn as it cools. */
const twoValves = ((): CircuitGraph => {
  const main = round(
    [
      compressor('5/8'),
      step('reversing', 'reversing-valve', '5/8'),
      step('outdoor-coil', 'condenser', '3/8'),
      step('outdoor-tee', 'fitting', '3/8'),
      step('outdoor-check', 'check-valve', '3/8'),
      step('outdoor-join', 'fitting', '3/8'),
      step('drier', 'drier', '3/8', { rest: { twoWay: true } }),
      step('liquid-valve', 'valve', '3/8', { lengthM: 15, throughWall: true }),
      step('indoor-tee', 'fitting', '3/8'),
      step('indoor-expansion', 'expansion-valve', '3/8'),
      step('indoor-join', 'fitting', '3/8'),
      ...FROM_INDOOR_COIL,
    ],
    PORTS_OF_BOTH_VALVES,
  );
  const way = (...ids: readonly string[]) =>
    ids.slice(1).map((to, i): CircuitLink => ({ from: ids[i] ?? '', to, tube: assumed('3/8', STUB_M) }));
  return {
    parts: [...main.parts, { id: 'outdoor-expansion', kind: 'expansion-valve' }, { id: 'indoor-check', kind: 'check-valve' }],
    links: [
      ...main.links,
      ...way('outdoor-tee', 'outdoor-expansion', 'outdoor-join'),
      // Its arrow points against the flow while it cools.
      ...way('indoor-join', 'indoor-check', 'indoor-tee'),
    ],
  };
})();

const packaged = round(
  [
    compressor('1/2'),
    step('condenser', 'condenser', '3/8'),
    step('drier', 'drier', '3/8'),
    step('expansion', 'expansion-valve', '3/8'),
    step('distributor', 'distributor', '1/4'),
    step('evaporator', 'evaporator', '7/8'),
  ],
  [
    ['high-port', 'condenser'],
    ['low-port', 'evaporator'],
  ],
);

const walkIn = round(
  [
    compressor('1/2'),
    step('condenser', 'condenser', '3/8'),
    step('receiver', 'receiver', '3/8'),
    step('king-valve', 'valve', '3/8'),
    step('drier', 'drier', '3/8'),
    step('sight-glass', 'sight-glass', '3/8', { lengthM: 12, throughWall: true }),
    step('solenoid', 'solenoid', '3/8'),
    step('expansion', 'expansion-valve', '3/8'),
    step('evaporator', 'evaporator', '7/8', { lengthM: 12, throughWall: true }),
    step('suction-valve', 'valve', '7/8'),
  ],
  [
    ['king-port', 'king-valve'],
    ['suction-port', 'suction-valve'],
  ],
);

const capillaryUnit = round(
  [
    compressor('1/4'),
    step('condenser', 'condenser', '1/4'),
    step('drier', 'drier', '1/4'),
    step('capillary', 'capillary', '1/4'),
    step('evaporator', 'evaporator', '3/8'),
  ],
  [['process-stub', 'compressor']],
);

const rooftop = round(
  [
    compressor('5/8'),
    step('condenser', 'condenser', '1/2'),
    step('drier', 'drier', '1/2'),
    step('sight-glass', 'sight-glass', '1/2'),
    step('expansion', 'expansion-valve', '1/2'),
    step('distributor', 'distributor', '1/4'),
    step('evaporator', 'evaporator', '1-1/8'),
  ],
  [
    ['liquid-port', 'drier'],
    ['suction-port', 'evaporator'],
  ],
);

const waterSource = round(
  [
    compressor('1/2'),
    step('reversing', 'reversing-valve', '1/2'),
    step('water-coil', 'condenser', '3/8'),
    step('drier', 'drier', '3/8'),
    step('expansion', 'expansion-valve', '3/8'),
    step('air-coil', 'evaporator', '5/8'),
    step('reversing', 'reversing-valve', '5/8'),
  ],
  [
    ['high-port', 'water-coil'],
    ['low-port', 'air-coil'],
  ],
);

const LONG_M = 30;

/**
 * The circuits people meet most, to begin a drawing from: kinds in flow order, usual sizes, ports where they usually are.
 *
 * @source  judgement: the order of parts follows from the cycle, sizes and lengths are those of small commercial machines, marked as assumed, and are meant to be edited
 */
export const TEMPLATE_CIRCUITS: Readonly<Record<CircuitTemplate, CircuitGraph>> = {
  split: splitLike(8, '3/8', '5/8'),
  'heat-pump': heatPump,
  'heat-pump-two-valves': twoValves,
  'packaged-unit': packaged,
  'walk-in': walkIn,
  'capillary-unit': capillaryUnit,
  'rooftop-circuit': rooftop,
  'water-source': waterSource,
  'long-line-set': splitLike(LONG_M, '1/2', '7/8'),
};
