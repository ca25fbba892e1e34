import { TEMPLATE_CIRCUITS, type StageFact } from '@kesto/core';
import { drawnName } from '@kesto/contract/wording';
import { checksOf } from './checks';
import { closing } from './closing';
import { holdOf, letterOfSection, sectionName } from './sections';

const SPLIT = TEMPLATE_CIRCUITS.split;
const nameOf = (id: string) => drawnName(SPLIT, id);
const fact = (kind: string, values: object, id = kind) => ({ kind, values, stage: 'find', id, by: '', photos: [] }) as unknown as StageFact; // cast: no more is read

describe('a section', () => {
  test('is called by the part that says where it is, and how many are with it; ports are none', () => {
    expect(sectionName(SPLIT, ['drier', 'expansion', 'evaporator'], nameOf)).toBe('evaporator +2');
    expect(sectionName(SPLIT, ['gas-port'], nameOf)).toBe('gas port');
    expect(sectionName(SPLIT, ['condenser', 'gas-port'], nameOf)).toBe('condenser');
  });

  test('its last hold is the one that counts, whatever the order of its parts', () => {
    const first = fact('section-hold', { parts: ['a', 'b'], verdict: 'leaking' }, '1');
    const second = fact('section-hold', { parts: ['b', 'a'], verdict: 'tight' }, '2');
    expect(holdOf([first, second], ['a', 'b'])?.id).toBe('2');
    expect(holdOf([first], ['a'])).toBeUndefined();
  });

  test('after Z the letters begin anew', () => expect([0, 25, 26].map(letterOfSection)).toEqual(['A', 'Z', 'A']));
});

test('a place that was looked at is numbered once, as it was left; a sign alone does not clear it', () => {
  const checks = checksOf([
    fact('sign', { place: 'valve', sign: 'oil' }, '1'),
    fact('checked-place', { place: 'port', method: 'soap', result: 'nothing' }, '2'),
    fact('checked-place', { place: 'valve', method: 'soap', result: 'leak' }, '3'),
    fact('sign', { place: 'valve', sign: 'rubbing' }, '4'),
  ]);
  expect(checks.map(({ place, number, result, signs }) => [place, number, result, signs])).toEqual([
    ['valve', 1, 'leak', ['oil', 'rubbing']],
    ['port', 2, 'nothing', []],
  ]);
});

test('a form closes once what it notes is safe, and stays open where it is not', async () => {
  const close = jest.fn();
  expect(await closing(close)(Promise.resolve(false))).toBe(false);
  expect(close).not.toHaveBeenCalled();
  expect(await closing(close)(Promise.resolve(true))).toBe(true);
  expect(close).toHaveBeenCalledTimes(1);
});
