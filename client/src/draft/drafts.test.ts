import { draftOf } from '@/testing/joints';
import {
  draftChanged,
  draftRedone,
  draftsReducer,
  draftsTakenUp,
  draftStored,
  draftUndone,
  keepDrafts,
  keptDrafts,
  type Draft,
  type Drafts,
} from './drafts';

const start = draftOf();
const typed = (state: Drafts, draft: Draft, jointId = 'a') => draftsReducer(state, draftChanged({ jointId, from: start, part: draft }));
const sized = (od: string) => draftOf({ male: { od } });

test('what is typed is kept by joint until it is stored', () => {
  const both = typed(typed({}, sized('1-1/8')), sized('5/8'), 'b');
  expect(both['a']?.present).toEqual(sized('1-1/8'));
  expect(Object.keys(draftsReducer(both, draftStored('a')))).toEqual(['b']);
});

test('a change is undone and done again', () => {
  const changed = typed({}, draftOf({ female: { metal: 'brass' } }));
  const back = draftsReducer(changed, draftUndone('a'));
  expect(back['a']?.present).toEqual(start);
  expect(draftsReducer(back, draftRedone('a'))['a']?.present.female.metal).toBe('brass');
});

test('letters typed into one field are one change; another field is another', () => {
  const letters = ['1', '1-', '1-1', '1-1/8'].reduce((state, od) => typed(state, sized(od)), {} as Drafts);
  const walled = typed(letters, draftOf({ male: { od: '1-1/8', wall: '1.27 mm' } }));
  const back = draftsReducer(walled, draftUndone('a'));
  expect(back['a']?.present.male).toMatchObject({ od: '1-1/8', wall: '' });
  expect(draftsReducer(back, draftUndone('a'))['a']?.present).toEqual(start);
});

test('a new change after an undo leaves nothing to do again; undoing nothing changes nothing', () => {
  const back = draftsReducer(typed({}, sized('5/8')), draftUndone('a'));
  const other = typed(back, sized('3/8'));
  expect(draftsReducer(other, draftRedone('a'))).toBe(other);
  expect(draftsReducer(back, draftUndone('a'))).toBe(back);
  expect(draftsReducer({}, draftUndone('a'))).toEqual({});
});

test('a reload finds a person’s drafts again, and nobody else’s', () => {
  keepDrafts('p1', typed({}, sized('5/8')));
  const again = draftsReducer(undefined, draftsTakenUp(keptDrafts('p1')));
  expect(again['a']?.present.male.od).toBe('5/8');
  expect(keptDrafts('p2')).toEqual({});
});

test('what a former version kept goes to whoever comes first; storage that was tampered with is no reason to fail', () => {
  localStorage.setItem('kesto.drafts', JSON.stringify({ b: sized('3/8') }));
  expect(keptDrafts('p3')['b']?.present.male.od).toBe('3/8');
  localStorage.setItem('kesto.drafts', '{broken');
  expect(keptDrafts('p4')).toEqual({});
});
