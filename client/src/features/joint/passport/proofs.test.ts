import { METRIC_PREFERENCES, readChain, type JointEntry } from '@kesto/core';
import { jobWithStages } from '@/testing/stages';
import { draftOf, jointView } from '@/testing/joints';
import { photosOf } from './Photos';
import { proofsOf } from './proofs';

const HELD = { hold: 'h1', job: 'job', verdict: 'leaking', pressureKpag: 1900, minutes: 60, leakPaM3S: 0.014, smallestSeenPaM3S: 0.006 };
const PULLED = { pull: 'p1', job: 'job', verdict: 'wet', minutes: 15, endPa: 1880, breaks: 0 };
const entry = (kind: string, values: object, photos: readonly string[] = []) =>
  ({
    ...{ kind, values, photos: photos.map((sha256) => ({ sha256 })) },
    ...{ deviceTime: '2026-10-12T11:32:00.000Z', serverTime: '2026-10-12T11:32:00.000Z' },
  }) as unknown as JointEntry; // cast: no more of it is read
const proofs = (...entries: JointEntry[]) => proofsOf(entries, jobWithStages([]), METRIC_PREFERENCES);

test('a hold that leaked says what the section loses, a tight one below what it is blind; in the order they came', () => {
  const [leaks, tight] = proofs(
    entry('held', HELD),
    entry('held', { ...HELD, hold: 'h2', verdict: 'tight', leakPaM3S: -0.0001, smallestSeenPaM3S: 0.0037 }),
  );
  expect(leaks).toMatchObject({ of: 'hold', isBad: true, lines: [expect.stringMatching(/60\s*min, 12 October$/), '0.014 Pa m³/s'] });
  expect(tight).toMatchObject({ isGood: true, lines: [expect.any(String), 'blind below 0.0037 Pa m³/s'] });
});

test('of one pull what its last rise showed stands, with how often it was broken before', () => {
  const all = proofs(entry('pulled', PULLED), entry('pulled', { ...PULLED, verdict: 'tight-and-dry', endPa: 35, breaks: 1 }));
  expect(all).toHaveLength(1);
  expect(all[0]).toMatchObject({
    isGood: true,
    isBad: false,
    lines: [expect.stringMatching(/^35\s*Pa, /), 'broken once with nitrogen before'],
  });
});

test('a hold of former days was a person’s note: it proves nothing here', () => {
  expect(proofs(entry('held', { note: 'held over night' }))).toEqual([]);
});

test('a photo stands once, with the mark that was put on it', () => {
  const shown = photosOf([
    entry('brazed', {}, ['a']),
    entry('looked-at', { result: 'cut-out', marks: [{ photo: 2, x: 0.4, y: 0.5 }] }, ['a', 'b']),
  ]);
  expect(shown).toEqual([
    { sha256: 'a', mark: null },
    { sha256: 'b', mark: { photo: 2, x: 0.4, y: 0.5 } },
  ]);
});

test('what nobody held and nothing pulled has no proof', () => {
  expect(proofs(...readChain(jointView(draftOf(), [{ kind: 'prepared', values: { note: '' }, corrects: null }]).entries))).toEqual([]);
});
