import { q } from '../testing/plans';
import { ring } from '../testing/rings';
import { toTakeOutKg } from './takeOut';

const volumes = { cond: { volume: q(3, 'L') }, evap: { volume: q(1, 'L') } };
const circuit = ring('comp cond king drier exp evap suction', { parts: volumes });
const low = ['drier', 'exp', 'evap'];
const kg = (method: Parameters<typeof toTakeOutKg>[0]['method'], rest: Partial<Parameters<typeof toTakeOutKg>[0]> = {}) =>
  toTakeOutKg({ method, insideKg: 2, circuit, emptied: low, ...rest });

test('nothing leaves a machine that is pumped down; all of it where all comes out; of a section its share by volume', () => {
  expect(kg('pump-down')).toBe(0);
  expect(kg('recover-all')).toBe(2);
  expect(kg('recover-section')).toBeCloseTo(0.5, 9); // 1 of 4 L
});

test('what cannot be told is not made up', () => {
  expect(kg('recover-all', { insideKg: undefined })).toBeNull();
  expect(kg('recover-section', { insideKg: undefined })).toBeNull();
  expect(kg('pump-down', { insideKg: undefined })).toBe(0);
  // One coil without a volume, or no vessel at all.
  expect(kg('recover-section', { circuit: ring('comp cond king exp evap', { parts: { cond: volumes.cond } }) })).toBeNull();
  expect(kg('recover-section', { circuit: ring('comp king exp') })).toBeNull();
});
