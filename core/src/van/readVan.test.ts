import { cylinderGauge, readVan, type VanCount } from './readVan';

const q = (value: number, unit: string) => ({ value, unit });
const VAN: VanCount = {
  fillers: [
    { designation: 'bag36', rod: 'round-1/16', count: 3 },
    { designation: 'CuP 284', rod: { diameter: q(2, 'mm') }, count: 0 },
  ],
  torch: { fuel: 'air-acetylene' },
  cylinder: { waterVolume: q(10, 'L'), pressure: q(2000, 'psig') },
};
const fields = (rest: Partial<VanCount>) => {
  const result = readVan({ ...VAN, ...rest });
  return result.ok ? [] : result.errors.map((error) => error.field);
};
const row = (rest: object) => [{ designation: 'BAg-7', rod: 'round-1/16', count: 1, ...rest }] as VanCount['fillers'];

test('fillers are kept by the name the tables give them, whichever naming was typed', () => {
  const result = readVan(VAN);
  expect(result.ok && result.value.fillers.map((f) => f.designation)).toEqual(['BAg-36', 'BCuP-5']);
});

test.each<[string, Partial<VanCount>, string]>([
  ['a filler nobody knows', { fillers: row({ designation: 'BX-1' }) }, 'fillers[0].designation'],
  ['half a stick', { fillers: row({ count: 0.5 }) }, 'fillers[0].count'],
  ['less than none', { fillers: row({ count: -1 }) }, 'fillers[0].count'],
  ['a rod like a rail', { fillers: row({ rod: { diameter: q(20, 'mm') } }) }, 'fillers[0].rod.diameter'],
  ['one filler twice, by two names', { fillers: [...row({}), ...row({ designation: 'BAG 7' })] }, 'fillers[1].designation'],
  ['a cylinder like a house', { cylinder: { ...VAN.cylinder, waterVolume: q(3, 'm3') } }, 'cylinder.waterVolume'],
  ['a step in temperature', { instruments: [{ id: 'g', kind: 'gauge', name: 'g', resolution: q(1, 'K') }] }, 'instruments[0].resolution'],
  ['a thermometer off by a summer', { instruments: [{ id: 't', kind: 'thermometer', name: 't', offK: 30 }] }, 'instruments[0].offK'],
  ['a cylinder that weighs nothing', { recovery: [{ id: 'c', name: 'c', tare: q(0, 'kg') }] }, 'recovery[0].tare'],
  ['a pressure no cylinder bears', { cylinder: { ...VAN.cylinder, pressure: q(400, 'barg') } }, 'cylinder.pressure'],
])('%s is refused by name', (_what, rest, field) => expect(fields(rest)).toEqual([field]));

test.each([
  [150, 'barg'],
  [15_000, 'kPag'],
  [2175.566, 'psig'],
  [151.01325, 'bara'],
])('a cylinder counted as %d %s has 15 MPa on its gauge', (value, unit) => {
  expect(cylinderGauge({ waterVolume: q(10, 'L'), pressure: q(value, unit) })).toBeCloseTo(15_000_000, -2);
});
