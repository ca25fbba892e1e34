import type { NEXT_IN_STAGE, STAGE_GATES } from '../stage';
import { KINDS, kindIds, shapeOf, stagedKinds, type Told } from '.';
import { number, optional, text, word } from './fields';
import type { KindRow } from './row';

/* What does not compile is proved by the compiler: each of these lines has to be an error, or this file is one. */

const whole = {
  chains: ['job'],
  stages: ['find'],
  nature: 'fact',
  by: 'workers',
  told: { a: word(['x']) },
  former: [],
  worked: null,
} as const satisfies KindRow;
const without = { stages: ['find'], nature: 'fact', by: 'workers', told: {}, former: [], worked: null } as const;

// @ts-expect-error a row without its chain
export const noChain: KindRow = without;
// @ts-expect-error a row in no chain at all
export const inNone: KindRow = { ...whole, chains: [] };
// @ts-expect-error a nature that is neither
export const noNature: KindRow = { ...whole, nature: 'opinion' };
// @ts-expect-error a stage that is not kept
export const noStage: KindRow = { ...whole, stages: ['braze'] };
// @ts-expect-error a word that is not in the table
export const otherWord: Told<'checked-place'> = { place: 'x', method: 'nose', result: 'leak' };
// @ts-expect-error a key is missing
export const missing: Told<'overruled'> = { gate: 'torch' };
// @ts-expect-error optional is not undefined
export const undefinedKey: Told<'sign'> = { place: 'x', sign: 'oil', note: undefined };
// @ts-expect-error a stage without what comes next in it
export const next: typeof NEXT_IN_STAGE = { find: () => ({ stage: 'find', step: 'wait' }) };
// @ts-expect-error a stage without its gates
export const gates: typeof STAGE_GATES = { find: () => [], decide: () => [] };

test('every kind has its row: its chain, who writes it, and a stage where it is of one', () => {
  expect(kindIds().length).toBeGreaterThan(50);
  for (const kind of kindIds()) {
    expect(KINDS[kind].chains.length).toBeGreaterThan(0);
    expect(shapeOf(kind)).toBe(kind === 'held' ? 2 : 1);
  }
  expect(stagedKinds()).toContain('watch-looked-into');
  expect(stagedKinds()).not.toContain('exported');
  expect([number(0, 1, 'm').optional, optional(text(3)).optional]).toEqual([false, true]);
});
