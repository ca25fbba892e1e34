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
