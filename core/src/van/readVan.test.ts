import { cylinderGauge, readVan, type VanCount } from './readVan';
import { fuelLeftM3, torchRequestOf } from './vanTorch';

const q = (value: number, unit: string) => ({ value, unit });
const VAN: VanCount = {
  fillers: [
    { designation: 'bag36', rod: 'round-1/16', count: 3 },
    { designation: 'CuP 284', rod: { diameter: q(2, 'mm') }, count: 0 },
  ],
  torch: { fuel: 'air-acetylene' },
  cylinder: { waterVolume: q(10, 'L'), pressure: q(2000, 'psig') },
};
const errors = (rest: Partial<VanCount>) => {
  const result = readVan({ ...VAN, ...rest });
  return result.ok ? [] : result.errors;
};
const row = (rest: object) => [{ designation: 'BAg-7', rod: 'round-1/16', count: 1, ...rest }] as VanCount['fillers'];

test('fillers are kept by the name the tables give them, whichever naming was typed', () => {
  const result = readVan(VAN);
  expect(result.ok && result.value.fillers.map((f) => f.designation)).toEqual(['BAg-36', 'BCuP-5']);
});

test.each<[string, Partial<VanCount>, string, object]>([
  [
    'a filler nobody knows',
    { fillers: row({ designation: 'BX-1' }) },
    'fillers[0].designation',
    { kind: 'unknown-word', word: 'BX-1', allowed: expect.arrayContaining(['BAg-36']) as string[] },
  ],
  ['half a stick', { fillers: row({ count: 0.5 }) }, 'fillers[0].count', { kind: 'out-of-range', unit: 'sticks' }],
  ['less than none', { fillers: row({ count: -1 }) }, 'fillers[0].count', { kind: 'out-of-range' }],
  ['a rod like a rail', { fillers: row({ rod: { diameter: q(20, 'mm') } }) }, 'fillers[0].rod.diameter', { kind: 'out-of-range' }],
  [
    'one filler twice, by two names',
    { fillers: [...row({}), ...row({ designation: 'BAG 7' })] },
    'fillers[1].designation',
    { kind: 'refused', reason: 'given-twice', value: 'BAg-7' },
  ],
  ['a cylinder like a house', { cylinder: { ...VAN.cylinder, waterVolume: q(3, 'm3') } }, 'cylinder.waterVolume', { kind: 'out-of-range' }],
  [
    'a step in temperature',
    { instruments: [{ id: 'g', kind: 'gauge', name: 'g', resolution: q(1, 'K') }] },
    'instruments[0].resolution',
    {},
  ],
  [
    'a thermometer off by a summer',
    { instruments: [{ id: 't', kind: 'thermometer', name: 't', offK: 30 }] },
    'instruments[0].offK',
    { kind: 'out-of-range', unit: 'K' },
  ],
  [
    'a cylinder that weighs nothing',
    { recovery: [{ id: 'c', name: 'c', tare: q(0, 'kg') }] },
    'recovery[0].tare',
    { kind: 'out-of-range' },
  ],
  [
    'a cylinder that holds no water',
    { recovery: [{ id: 'c', name: 'c', tare: q(5, 'kg'), water: q(0, 'kg') }] },
    'recovery[0].water',
    { kind: 'out-of-range' },
  ],
  [
    'a pressure no cylinder bears',
    { cylinder: { ...VAN.cylinder, pressure: q(400, 'barg') } },
    'cylinder.pressure',
    { kind: 'out-of-range' },
  ],
  ['a flux nobody knows', { flux: [{ class: 'FB9' as never, grams: 1 }] }, 'flux[0].class', { kind: 'unknown-word', word: 'FB9' }], // cast: what a file may hold
  [
    'one flux twice',
    {
      flux: [
        { class: 'FB3-A', grams: 1 },
        { class: 'FB3-C', grams: 1 },
        { class: 'FB3-A', grams: 2 },
      ],
    },
    'flux[2].class',
    { kind: 'refused', reason: 'given-twice', value: 'FB3-A' },
  ],
  ['less flux than none', { flux: [{ class: 'FB3-A', grams: -1 }] }, 'flux[0].grams', { kind: 'out-of-range', unit: 'g' }],
  [
    'a bottle without weight',
    { gases: [{ id: 'a', gas: 'oxygen', name: 'a', tare: q(0, 'kg') }] },
    'gases[0].tare',
    { kind: 'out-of-range' },
  ],
  [
    'a bottle filled with nothing',
    { gases: [{ id: 'a', gas: 'oxygen', name: 'a', gross: q(0, 'kg') }] },
    'gases[0].gross',
    { kind: 'out-of-range' },
  ],
  [
    'a bottle lighter than empty',
    { gases: [{ id: 'a', gas: 'refrigerant', name: 'a', tare: q(8, 'kg'), gross: q(7.9, 'kg') }] },
    'gases[0].gross',
    { kind: 'refused', reason: 'under-its-tare' },
  ],
  [
    'a named tip like a forge',
    { torch: { fuel: 'oxy-propane', tips: [{ name: 'No. 9', kw: 90 }] } },
    'torch.tips[0]',
    { kind: 'out-of-range' },
  ],
  [
    'a fuel gauge past its dial',
    { torch: { fuel: 'air-acetylene', fuelCylinder: { size: 'ft3-40', gauge: q(40, 'barg') } } },
    'torch.fuelCylinder.gauge',
    { kind: 'out-of-range' },
  ],
  ['a tip like a forge', { torch: { fuel: 'oxy-propane', tips: [10, 90] } }, 'torch.tips[1]', { kind: 'out-of-range', unit: 'kW' }],
])('%s is refused by name', (_what, rest, field, why) => expect(errors(rest)).toEqual([expect.objectContaining({ field, ...why })]));

test.each([
  [150, 'barg'],
  [15_000, 'kPag'],
  [2175.566, 'psig'],
  [151.01325, 'bara'],
])('a cylinder counted as %d %s has 15 MPa on its gauge', (value, unit) => {
  expect(cylinderGauge({ waterVolume: q(10, 'L'), pressure: q(value, unit) })).toBeCloseTo(15_000_000, -2);
});

test('a van with all a van can carry is taken as it was counted', () => {
  const full: VanCount = {
    ...VAN,
    flux: [
      { class: 'FB3-A', grams: 0 },
      { class: 'FB3-C', grams: 250 },
    ],
    wraps: ['putty'],
    gases: [
      { id: 'a', gas: 'refrigerant', name: 'a', tare: q(8, 'kg'), gross: q(8, 'kg') },
      { id: 'b', gas: 'fuel', name: 'b' },
    ],
    recovery: [{ id: 'c', name: 'c', tare: q(5, 'kg') }],
    instruments: [{ id: 'd', kind: 'scale', name: 'd' }],
    torch: { fuel: 'air-acetylene', tips: [1.5, 4] },
  };
  const result = readVan(full);
  expect(result.ok && { ...result.value, fillers: [] }).toEqual({ ...full, fillers: [] });
});

test('the torch as a plan asks for it: the powers of its tips, and 20 of 40 cubic feet at 125 of 250 psi', () => {
  const fuelCylinder = { size: 'ft3-40', gauge: q(125, 'psig') } as const;
  // 20 cubic feet are 0.566 m3.
  expect(fuelLeftM3(fuelCylinder)).toBeCloseTo(0.566, 3);
  expect(fuelLeftM3({ ...fuelCylinder, gauge: q(300, 'psig') })).toBeCloseTo(1.133, 3);
  expect(torchRequestOf({ fuel: 'air-acetylene', tips: [1.5, { name: 'No. 3', kw: 4 }], fuelCylinder })).toEqual({
    fuel: 'air-acetylene',
    tips: [1.5, 4],
    cylinder: { value: 0.566, unit: 'm3' },
  });
  expect(torchRequestOf({ fuel: 'oxy-propane' })).toEqual({ fuel: 'oxy-propane' });
});
