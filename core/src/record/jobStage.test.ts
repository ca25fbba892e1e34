import { jobStage } from './jobStage';

test.each([
  ['a job without a joint', [], 'plan'],
  ['one joint of two planned', ['planned', 'not-planned'], 'plan'],
  ['all planned', ['planned', 'planned'], 'braze'],
  ['one made, one still to make', ['brazed', 'planned'], 'braze'],
  ['all made, none looked at', ['brazed', 'brazed'], 'look'],
  ['one sent back', ['accepted', 'sent-back'], 'braze'],
  ['all pass', ['passed', 'accepted'], 'hold'],
  ['one cut out, the other passed', ['cut-out', 'passed'], 'hold'],
  ['the only one cut out', ['cut-out'], 'plan'],
] as const)('%s stands at its stage', (_what, states, stage) => {
  expect(jobStage('plan', states)).toBe(stage);
});

test('before the joints, and beyond them, what was noted of the job counts', () => {
  expect(jobStage('decide', ['not-planned'])).toBe('decide');
  expect(jobStage('charge', ['accepted'])).toBe('charge');
});
