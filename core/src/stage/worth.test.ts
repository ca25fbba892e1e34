import { worthRepairing } from '.';

describe('repair or replace', () => {
  const facts = { ageYears: 0, earlierFinds: 0, inWarranty: false, repair: 400, replacement: 1000 };
  test('a young machine is worth half of a new one, one at the end of its life a tenth; each earlier find takes a third off', () => {
    expect(worthRepairing(facts)).toMatchObject({ advice: 'repair', share: 0.4, limit: 500 });
    expect(worthRepairing({ ...facts, ageYears: 7.5 })).toMatchObject({ advice: 'replace', limit: 250 });
    expect(worthRepairing({ ...facts, ageYears: 30 }).limit).toBe(100);
    expect(worthRepairing({ ...facts, earlierFinds: 1 }).limit).toBeCloseTo(333.3, 1);
  });
  test('in warranty whoever gave it is asked first', () =>
    expect(worthRepairing({ ...facts, inWarranty: true, repair: 900 }).advice).toBe('claim-warranty'));
});
