import { INCH_PREFERENCES, METAL_NAMES, METRIC_PREFERENCES, NEAR_KINDS, planJoint, type PlanRequest } from '@kesto/core';
import fc from 'fast-check';

import { cautionRuleText, cautionText, fillerReasonText, fluxText, inspectRuleText, inspectText, showIn, wireError } from './index';

const q = (value: number, unit: string) => ({ value, unit });
const metal = fc.constantFrom(...METAL_NAMES);
const request = fc
  .record({
    male: metal,
    female: metal,
    near: fc.constantFrom(...NEAR_KINDS),
    bore: fc.double({ min: 22.24, max: 23, noNaN: true }),
    refrigerant: fc.constantFrom('R-32', 'R-744', 'R-449A'),
  })
  .map((r): PlanRequest => ({
    joint: {
      male: { metal: r.male, od: q(0.875, 'in'), wall: q(0.045, 'in') },
      female: { metal: r.female, bore: q(r.bore, 'mm'), cupDepth: q(10, 'mm') },
    },
    service: { refrigerant: r.refrigerant, designPressure: q(40, 'barg') },
    near: [{ kind: r.near, distance: q(60, 'mm') }],
  }));

/** Words for people: no code, no undefined, no figure without sense, a capital and a full stop. */
function isSentence(text: string): boolean {
  return /^[A-Z0-9]/.test(text) && /[.]$/.test(text) && !/undefined|NaN|\[object|Infinity/.test(text);
}

test.each([
  ['metric', METRIC_PREFERENCES],
  ['inch', INCH_PREFERENCES],
])('every caution and inspection point any plan gives is a whole sentence, %s', (_name, units) => {
  const show = showIn(units);
  fc.assert(
    fc.property(request, (r) => {
      const plan = planJoint(r);
      if (!plan.ok) return plan.errors.every((e) => wireError(e).message.length > 10);
      const said = [...plan.value.cautions.map((c) => cautionText(c, show)), ...plan.value.inspect.map((i) => inspectText(i, show))];
      for (const text of said) expect([text, isSentence(text)]).toEqual([text, true]);
      for (const f of plan.value.fillers)
        for (const reason of f.reasons) expect(fillerReasonText(reason, show)).not.toMatch(/undefined|NaN/);
      expect(fluxText(plan.value.flux)).not.toMatch(/undefined/);
      return true;
    }),
    { numRuns: 60 },
  );
});

test('figures follow the person’s units, the facts stay', () => {
  const caution = {
    code: 'gap-loose',
    severity: 'warn',
    stage: 'set-up',
    authority: 'maker',
    values: { coldMm: 0.2, hotMm: 0.2 },
  } as const;
  expect(cautionText(caution, showIn(METRIC_PREFERENCES))).toContain('0.20 mm');
  expect(cautionText(caution, showIn(INCH_PREFERENCES))).toContain('0.0079 in');
});

test('every caution and point says where its full rule stands, and says who has the last word', () => {
  fc.assert(
    fc.property(request, (r) => {
      const plan = planJoint(r);
      if (!plan.ok) return true;
      const said = [...plan.value.cautions.map((c) => cautionRuleText(c)), ...plan.value.inspect.map((i) => inspectRuleText(i.code))];
      for (const text of said) expect(text).toMatch(/code|maker|licence|practice|sheet/);
      return true;
    }),
    { numRuns: 30 },
  );
  expect(cautionRuleText({ code: 'acetylene-pressure', authority: 'code' })).toMatch(/local code/);
  expect(cautionRuleText({ code: 'part-too-hot', authority: 'maker' })).toMatch(/maker/);
  expect(cautionRuleText({ code: 'flammable', authority: 'licence' })).toMatch(/licence/);
});
