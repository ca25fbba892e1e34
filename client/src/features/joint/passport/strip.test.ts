import type { JointLink } from '@kesto/core';
import { draftOf, jointView } from '@/testing/joints';
import { stripOf, twoLines } from './strip';

const plain = { values: { note: '' }, corrects: null } as const;
const { entries } = jointView(draftOf(), [
  { kind: 'prepared', ...plain },
  { kind: 'purged', ...plain },
  { kind: 'corrected', values: { note: 'again' }, corrects: { entry: 'e1', why: 'misread' } },
]);
/** The same entry, said and come at other times. */
const at = (place: number, deviceTime: string, serverTime: string): JointLink => {
  const link = entries[place]!;
  return { ...link, content: { ...link.content, deviceTime, serverTime } } as JointLink; // cast: of the same shape
};

test('each entry with when and by whom; a correction points back to what it corrects', () => {
  const { nodes } = stripOf(entries);
  expect(nodes.map(({ place, says, corrects }) => [place, says, corrects])).toEqual([
    [1, 'prepared', null],
    [2, 'purged', null],
    [3, 'corrects 1', 1],
  ]);
  expect(nodes[2]?.why).toBe('misread');
});

test('what reached the server together is bracketed with when; what came at once by its day', () => {
  const links = [
    at(0, '2026-10-12T07:02:00', '2026-10-12T09:31:00'),
    at(1, '2026-10-12T07:14:00', '2026-10-12T09:31:20'),
    at(2, '2026-10-13T08:02:00', '2026-10-13T08:02:02'),
  ];
  expect(stripOf(links).brackets).toEqual([
    { from: 1, to: 2, says: '12 October, reached the server together at 09:31', day: '12 October' },
    { from: 3, to: 3, says: '13 October, within a minute', day: '13 October' },
  ]);
});

test('a long name stands in two lines, broken between words', () => {
  expect(twoLines('pulled, tight and dry', 14)).toEqual(['pulled, tight', 'and dry']);
  expect(twoLines('goes on from another shop', 12)).toEqual(['goes on from', 'another shop']);
  expect(twoLines('looked at', 12)).toEqual(['looked at']);
});
