import type { Next } from '@kesto/core';
import { nextHref, sheetHref, stageHref, toPullHref } from './stageHref';

const JOB = { id: 'j1' };
const next = (rest: Partial<Next> & Pick<Next, 'stage' | 'step'>): Next => rest as Next; // cast: what a job says comes next

test('every stage that has a sheet is found by its own name in the address', () => {
  expect(['find', 'decide', 'make-safe', 'hold', 'pull', 'charge', 'hand-over'].map((stage) => stageHref('j1', stage as 'find'))).toEqual([
    ...['/jobs/j1/find', '/jobs/j1/decide', '/jobs/j1/safe', '/jobs/j1/hold', '/jobs/j1/pull', '/jobs/j1/charge', '/jobs/j1/hand-over'],
  ]);
  expect(sheetHref('j1', 'set-up')).toBe('/jobs/j1/set-up');
  expect(sheetHref('j1', 'braze')).toBeNull();
});

test.each([
  [next({ stage: 'decide', step: 'ask-approval' }), '/jobs/j1/decide'],
  [next({ stage: 'plan', step: 'plan-joint', joint: 'a' }), '/joints/a'],
  [next({ stage: 'braze', step: 'join-cold', joint: 'a' }), '/joints/a/run'],
  [next({ stage: 'hold', step: 'answer-bend' }), '/jobs/j1/bends'],
  [next({ stage: 'plan', step: 'add-joint' }), null],
  [next({ stage: 'find', step: 'note-complaint' }), { pathname: '/jobs/j1/find', params: { opens: 'complaint' } }],
  [next({ stage: 'pull', step: 'rig-alone' }), { pathname: '/jobs/j1/pull', params: { opens: 'rig' } }],
])('what comes next is done where it stands: %j', (step, href) => expect(nextHref(JOB, step)).toEqual(href));

test('after a tight hold the pull begins with its pump and hoses', () => {
  expect(toPullHref('j1')).toEqual(nextHref(JOB, next({ stage: 'pull', step: 'rig-alone' })));
});
