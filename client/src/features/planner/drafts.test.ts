import { draftOf } from '@/testing/joints';
import { draftChanged, draftsReducer, draftStored, keepDrafts } from './drafts';

test('what is typed is kept by joint until it is stored', () => {
  const draft = draftOf({ male: { od: '1-1/8' } });
  const typed = draftsReducer({}, draftChanged({ jointId: 'a', draft }));
  const both = draftsReducer(typed, draftChanged({ jointId: 'b', draft: draftOf() }));
  expect(both['a']).toEqual(draft);
  expect(Object.keys(draftsReducer(both, draftStored('a')))).toEqual(['b']);
});

test('a reload finds the drafts again; storage that was tampered with is no reason to fail', () => {
  keepDrafts({ a: draftOf({ male: { od: '5/8' } }) });
  expect(draftsReducer(undefined, { type: 'start' })['a']?.male.od).toBe('5/8');
  localStorage.setItem('kesto.drafts', '{broken');
  expect(draftsReducer(undefined, { type: 'start' })).toEqual({});
});
