import fc from 'fast-check';
import { FILLERS, findFiller } from '../filler/fillers';
import { METAL_NAMES, type MetalName } from '../metal/metals';
import { codes, planned, requestFor } from '../testing/plans';
import { chooseFlux } from './choose';
import { FLUXES } from './fluxes';

const at = (plannedC: number) => ({ plannedC, overOldSilver: false });
const filler = (name: string) => {
  const row = findFiller(name);
  if (!row) throw new Error(name);
  return row;
};

test.each([
  ['copper on copper with phosphorus', ['copper', 'copper'], 'BCuP-5', null],
  ['copper on brass with phosphorus: self-fluxing does not hold there', ['copper', 'brass'], 'BCuP-5', 'FB3-A'],
  ['copper on copper with silver', ['copper', 'copper'], 'BAg-36', 'FB3-A'],
  ['plated steel', ['copper', 'copper-plated-steel'], 'BAg-36', 'FB3-A'],
  ['stainless takes the high-temperature class', ['copper', 'stainless-steel'], 'BAg-24', 'FB3-C'],
  ['aluminium bronze has its own class', ['copper', 'aluminium-bronze'], 'BAg-36', 'FB4-A'],
] as const)('%s', (_what, metals, name, expected) => {
  const choice = chooseFlux(metals as unknown as readonly MetalName[], filler(name), at(filler(name).brazingLowC + 40));
  expect(choice.class).toBe(expected);
  expect(choice.required).toBe(expected !== null);
});

test('white flux that burns out before the filler is done is raised a class, and the plan says so', () => {
  const choice = chooseFlux(['copper', 'brass'], filler('BAg-4'), at(895));
  expect(choice).toMatchObject({ class: 'FB3-C', raised: true, covers: true });
});

test('a raised class is said among the cautions', () => {
  const plan = planned(requestFor({ metal: 'carbon-steel' }, { choose: 'BAg-37', stock: [{ designation: 'BAg-37' }] }));
  expect(plan.flux.raised ? codes(plan).includes('high-temperature-flux') : plan.flux.covers).toBe(true);
});

test('only copper on copper with phosphorus ever goes without flux', () => {
  fc.assert(
    fc.property(fc.constantFrom(...METAL_NAMES), fc.constantFrom(...METAL_NAMES), fc.constantFrom(...FILLERS), (a, b, row) => {
      const { required } = chooseFlux([a, b], row, at(row.brazingLowC));
      const plain = (m: MetalName) => m === 'copper' || m === 'copper-iron';
      return required || (row.family === 'copper-phosphorus' && plain(a) && plain(b));
    }),
  );
});

test('what is said to cover the range covers it', () => {
  fc.assert(
    fc.property(fc.constantFrom(...METAL_NAMES), fc.constantFrom(...FILLERS), fc.integer({ min: 0, max: 120 }), (metal, row, above) => {
      const choice = chooseFlux(['copper', metal], row, at(row.liquidusC + above));
      if (!choice.required || !choice.covers || !choice.class) return true;
      const flux = FLUXES[choice.class];
      return flux.activeFromC <= row.liquidusC && flux.activeToC >= row.liquidusC + above;
    }),
  );
});

test.each([
  [
    'zinc-aluminium rod brings its own class',
    ['aluminium', 'copper'],
    { family: 'zinc-aluminium', liquidusC: 400 },
    440,
    'Cs-Al-F',
    'zinc-aluminium',
  ],
  [
    'aluminium-silicon takes the fluorides',
    ['aluminium', 'aluminium'],
    { family: 'aluminium-silicon', liquidusC: 582 },
    600,
    'FL20',
    'aluminium',
  ],
  ['a nickel alloy is as stainless', ['copper', 'nickel-alloy'], { family: 'silver', liquidusC: 650 }, 700, 'FB3-C', 'stainless'],
  ['galvanised steel is steel', ['copper', 'galvanised-steel'], { family: 'silver', liquidusC: 650 }, 700, 'FB3-A', 'steel'],
  ['bronze is a copper alloy', ['copper', 'bronze'], { family: 'silver', liquidusC: 650 }, 700, 'FB3-A', 'copper-alloy'],
  ['copper-nickel is a copper alloy', ['copper', 'copper-nickel'], { family: 'silver', liquidusC: 650 }, 700, 'FB3-A', 'copper-alloy'],
  ['silver on copper wants flux', ['copper', 'copper'], { family: 'silver', liquidusC: 650 }, 700, 'FB3-A', 'silver-needs-flux'],
] as const)('%s', (_what, metals, row, plannedC, expected, reason) => {
  expect(chooseFlux(metals, { ...filler('BAg-36'), ...row }, at(plannedC))).toMatchObject({
    class: expected,
    reason,
    raised: false,
    covers: true,
  });
});

test('old silver in the joint wants flux under a phosphorus rod', () => {
  const choice = chooseFlux(['copper', 'copper'], filler('BCuP-5'), { plannedC: 820, overOldSilver: true });
  expect(choice).toMatchObject({ required: true, class: 'FB3-A', reason: 'old-silver' });
});

describe('white flux is good to 870 °C and from 565 °C on, both ends included', () => {
  const silver = (liquidusC: number) => ({ ...filler('BAg-36'), liquidusC });
  test.each([
    [700, 870, { class: 'FB3-A', raised: false, covers: true }],
    [700, 871, { class: 'FB3-C', raised: true, covers: true }],
    [700, 926, { class: 'FB3-A', raised: false, covers: false }],
    [800, 926, { class: 'FB3-D', raised: true, covers: true }],
    [800, 1206, { class: 'FB3-A', raised: false, covers: false }],
    [565, 700, { class: 'FB3-A', raised: false, covers: true }],
    [564, 700, { class: 'FB3-A', raised: false, covers: false }],
  ])('a filler that flows at %d, brought to %d °C', (liquidusC, plannedC, expected) => {
    expect(chooseFlux(['copper', 'brass'], silver(liquidusC), at(plannedC))).toMatchObject(expected);
  });

  test('stainless that needs more than its class goes on from there; aluminium bronze has no hotter class', () => {
    expect(chooseFlux(['copper', 'stainless-steel'], silver(800), at(930))).toMatchObject({ class: 'FB3-D', raised: true });
    expect(chooseFlux(['copper', 'aluminium-bronze'], silver(650), at(871))).toMatchObject({
      class: 'FB4-A',
      raised: false,
      covers: false,
    });
  });
});
