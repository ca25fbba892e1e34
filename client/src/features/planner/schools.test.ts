import { SCHOOL_QUESTIONS, SCHOOL_TEXTS, spokenSchools } from '@kesto/contract/wording';
import { differingSchool, SCHOOLS } from '@kesto/core';
import { around, draftOf, planOf } from '@/testing/joints';
import { planDraft } from '@/draft/toRequest';

test('every answer of every question says what it gains and what it risks', () => {
  for (const question of SCHOOL_QUESTIONS) {
    expect(Object.keys(SCHOOL_TEXTS[question].answers).sort()).toEqual([...SCHOOLS[question]].sort());
    expect(SCHOOL_TEXTS[question].usual).toMatch(/\.$/);
  }
});

test('the shop’s house rod leads the ranking, and the plan says whose choice that is', () => {
  const shop = { houseRod: 'silver-free' } as const;
  const { plan, request } = planDraft(draftOf({ rest: { side: 'liquid' } }), { ...around, schools: shop });
  expect(plan?.fillers[0]?.filler.designation).toBe('BCuP-2');
  expect(spokenSchools({ joint: request?.schools ?? {}, job: {}, shop })[0]).toMatchObject({ answer: 'silver-free', whose: 'the shop' });
  expect(spokenSchools({ joint: {}, job: {}, shop: {} })[0]?.whose).toBe('usual');
});

test('a job’s own school speaks before the shop’s, and a joint’s before both', () => {
  const shop = { houseRod: 'silver-free' } as const;
  const job = { houseRod: 'silver-5' } as const;
  expect(spokenSchools({ joint: {}, job, shop })[0]).toMatchObject({ answer: '5-6 % silver', whose: 'this job' });
  expect(spokenSchools({ joint: { houseRod: 'silver-15' }, job, shop })[0]).toMatchObject({ answer: '15 % silver', whose: 'this joint' });
  expect(spokenSchools({ joint: { houseRod: 'silver-5' }, job, shop })[0]?.whose).toBe('this job');
});

test('a joint that differs from its shop is told, one that agrees is not', () => {
  const differs = draftOf({ rest: { schools: { houseRod: 'silver-15' } } });
  expect(differingSchool(differs.schools, { houseRod: 'silver-free' })).toBe('houseRod');
  expect(differingSchool(differs.schools, { houseRod: 'silver-15' })).toBeNull();
  expect(differingSchool(draftOf().schools, { houseRod: 'silver-15' })).toBeNull();
  expect(planOf(differs).request.schools).toEqual({ houseRod: 'silver-15' });
});
