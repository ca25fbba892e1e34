import { findFiller } from '../filler/fillers';
import { carriedCadmium, carriedSolder, mayHaveCarriedPhosphorus, type Member } from './resolvedJoint';

const member = (rest: Partial<Member>, old?: string): Member => ({
  ...{ metal: 'copper', form: 'tube', state: 'brazed', removed: null, year: null, wallM: 0.001 },
  oldFiller: (old === undefined ? undefined : findFiller(old)) ?? null,
  ...rest,
});

test('cadmium stays in a joint until it is cut off', () => {
  expect(carriedCadmium(member({}, 'BAg-1'))).toBe(true);
  expect(carriedCadmium(member({ removed: 'ground-off' }, 'BAg-1'))).toBe(true);
  expect(carriedCadmium(member({ removed: 'cut-off' }, 'BAg-1'))).toBe(false);
  expect(carriedCadmium(member({}, 'BAg-36'))).toBe(false);
});

test('so does solder, tin or zinc-aluminium', () => {
  expect(carriedSolder(member({ state: 'soft-soldered' }))).toBe(true);
  expect(carriedSolder(member({ state: 'soft-soldered', removed: 'cut-off' }))).toBe(false);
  expect(carriedSolder(member({ state: 'soft-soldered', removed: 'ground-off' }))).toBe(true);
  expect(carriedSolder(member({}, 'Zn-2Al'))).toBe(true);
  expect(carriedSolder(member({}, 'BCuP-5'))).toBe(false);
  expect(carriedSolder(member({ state: 'new' }))).toBe(false);
});

test('what nobody knows may have held phosphorus; silver did not, a new end neither', () => {
  expect(mayHaveCarriedPhosphorus(member({}))).toBe(true);
  expect(mayHaveCarriedPhosphorus(member({}, 'BCuP-2'))).toBe(true);
  expect(mayHaveCarriedPhosphorus(member({}, 'BAg-36'))).toBe(false);
  expect(mayHaveCarriedPhosphorus(member({ state: 'new' }))).toBe(false);
  expect(mayHaveCarriedPhosphorus(member({ removed: 'cut-off' }, 'BCuP-2'))).toBe(false);
});
