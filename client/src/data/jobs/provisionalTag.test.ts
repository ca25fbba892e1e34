import { calledAsText } from '@kesto/contract/wording';
import { markOf, provisionalTag } from './provisionalTag';

test.each([
  [0, 'a'],
  [25, 'z'],
  [26, 'aa'],
  [53, 'bb'],
])('person %i of the shop marks with %s', (n, mark) => expect(markOf(n)).toBe(mark));

test('two phones without a signal give a machine’s next joints tags that differ, each counting on by itself', () => {
  const ilta = [provisionalTag('CR2-12', 'a', [])];
  ilta.push(provisionalTag('CR2-12', 'a', ilta));
  const oskar = [provisionalTag('CR2-12', 'b', [])];
  expect(ilta).toEqual(['CR2-12a', 'CR2-13a']);
  expect(oskar).toEqual(['CR2-12b']);
});

test('what was given on another machine, or is stored by now, counts for nothing', () => {
  expect(provisionalTag('GC7-03', 'a', ['CR2-12a'])).toBe('GC7-03a');
  expect(provisionalTag('CR2-15', 'a', ['CR2-12a', 'CR2-13a'])).toBe('CR2-15a');
});

test.each([
  ['CR2-08', 'CR2-07a', 'was CR2-07a without a signal: write CR2-08 on the pipe'],
  ['CR2-07', 'CR2-07a', null],
  ['CR2-07a', 'CR2-07a', null],
  ['CR2-07', undefined, null],
])('of %s that was %s it says %s', (tag, calledAs, says) => expect(calledAsText({ tag, ...(calledAs ? { calledAs } : {}) })).toBe(says));
