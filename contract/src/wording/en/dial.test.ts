import type { JointEntry } from '@kesto/core';
import { clockText, flawText } from './dial';
import { sentenceOf } from './made';

test('an angle is read off a clock face to the half hour', () =>
  expect([0, 30, 45, 90, 180, 350, 360].map(clockText)).toEqual(['12', '1', '1½', '3', '6', '11½', '12']));

test.each([
  [{ fromDeg: 340, toDeg: 20 }, '40° from 11½ to 12½ o’clock, at the back'],
  [{ fromDeg: 150, toDeg: 210 }, '60° from 5 to 7 o’clock, in front'],
  [{ fromDeg: 90, toDeg: 90 }, 'all round'],
])('a flaw is told by its size, its place and its side: %j', (flaw, text) => expect(flawText(flaw)).toBe(text));

const said = (kind: string, values: object) => sentenceOf({ kind, values, corrects: null } as unknown as JointEntry); // cast: no more of it is read

test('a look says where its flaw is', () =>
  expect(said('looked-at', { result: 'rework', findings: ['pinhole'], note: '', flaw: { fromDeg: 0, toDeg: 30 } })).toContain(
    '30° from 12 to 1 o’clock, at the back.',
  ));

test('what a pull showed of a joint: how deep it stood, for how long, and how often it was broken before', () => {
  const pulled = { verdict: 'tight-and-dry', minutes: 15, endPa: 34.66, breaks: 2 };
  expect(said('pulled', pulled)).toBe('tight and dry, 34.7 Pa after 15 min shut off, broken 2 times with nitrogen before');
  expect(said('pulled', { ...pulled, verdict: 'wet', endPa: null, breaks: 0 })).toBe('wet');
});

test('whose record it goes on from; an unsealed one is nobody’s', () => {
  const theirs = { shopName: 'The other workshop', tag: 'NC4-01', sequence: 3, head: 'ab'.repeat(32) };
  expect(said('goes-on-from', theirs)).toBe('NC4-01 as The other workshop gave it, 3 entries, ends in abababababab');
  expect(said('goes-on-from', { ...theirs, shopName: null, sequence: 1 })).toContain('as an unsealed file gave it, one entry');
});
