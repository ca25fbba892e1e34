import type { KeptHold } from '@kesto/core';
import { jobView, summary } from '@/testing/jobs';
import { DRAWN_SPLIT } from '@/testing/stages';
import { isDone, lastResult, soapRowsOf } from './targets';

const soaped = (values: object) => ({ values }) as unknown as KeptHold['soaped'][number]; // cast: what is read of it
const holdOf = (rest: object = {}, all: readonly object[] = []): KeptHold =>
  ({ began: { values: { parts: ['drier', 'expansion', 'evaporator'], rig: false, stepsKpag: [345, 1035, 2000], ...rest } }, soaped: all.map(soaped) }) as unknown as KeptHold; // prettier-ignore
const at = { part: 'drier', from: 'liquid-valve', to: 'drier' };
const job = jobView({
  order: [
    { ...summary('CR2-07', 'passed'), at },
    { ...summary('CR2-08', 'cut-out'), at },
    { ...summary('CR2-09', 'passed'), at: { part: 'compressor', from: 'gas-valve', to: 'compressor' } },
    { ...summary('CR2-10', 'passed'), at: null },
  ],
});
const rows = (hold: KeptHold) => soapRowsOf(job, DRAWN_SPLIT, hold);

test('joints of the section are soaped one by one, those that are drawn nowhere as well; what was cut out is not', () => {
  expect(rows(holdOf()).flatMap(({ tag }) => tag ?? [])).toEqual(['CR2-07', 'CR2-10']);
});

test('the hoses, and what else has a nut or a stem in it, are wetted too', () => {
  const others = rows(holdOf()).filter(({ tag }) => tag === undefined);
  expect(others.some(({ target }) => 'hose' in target)).toBe(true);
  expect(others.flatMap(({ target }) => ('place' in target ? target.place : []))).toContain('expansion');
});

test('of the rig alone only our own hoses', () => {
  const alone = rows(holdOf({ rig: true }));
  expect(alone.every(({ target }) => !('joint' in target))).toBe(true);
  expect(alone.some(({ target }) => 'hose' in target)).toBe(true);
});

test('done is what was wetted at the hold’s own pressure; what was seen lower stands until then', () => {
  const low = rows(holdOf({}, [{ joint: 'CR2-07', atKpag: 345, result: 'nothing' }])).find(({ tag }) => tag === 'CR2-07')!;
  expect([isDone(low), lastResult(low)]).toEqual([false, 'nothing']);
  const full = rows(
    holdOf({}, [
      { joint: 'CR2-07', atKpag: 345, result: 'nothing' },
      { joint: 'CR2-07', atKpag: 2000, result: 'leak' },
    ]),
  ).find(({ tag }) => tag === 'CR2-07')!;
  expect([isDone(full), lastResult(full)]).toEqual([true, 'leak']);
});
