import { differingSchool, withSchoolIds } from './schools';

test('the first question that is answered otherwise is named; what is not asked differs from nothing', () => {
  expect(differingSchool({}, { houseRod: 'silver-5' })).toBeNull();
  expect(differingSchool({ houseRod: 'silver-5' }, { houseRod: 'silver-5' })).toBeNull();
  expect(differingSchool({ houseRod: 'silver-5', heatProtection: 'putty' }, { houseRod: 'silver-5' })).toBe('heatProtection');
});

test('answers of earlier days are read in today’s ids, today’s are left', () => {
  expect(withSchoolIds({ heatProtection: 'wet cloth', houseRod: '15 % Ag' })).toEqual({
    heatProtection: 'wet-cloth',
    houseRod: 'silver-15',
  });
  expect(withSchoolIds({ heatProtection: 'putty' })).toEqual({ heatProtection: 'putty' });
});
