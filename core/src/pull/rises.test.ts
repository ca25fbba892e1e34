import { CIRCUITS, judgedRise } from '../testing/rises';

/** 20 in every run; `KESTO_SEEDS=200` in the long one. */
const SEEDS = Number((globalThis as { process?: { env: Record<string, string | undefined> } }).process?.env['KESTO_SEEDS'] ?? 20);

const VERDICTS = new Map<string, readonly string[]>();
/** What the drawn circuits of a kind were called, each once. */
function verdictsOf(name: string): readonly string[] {
  const kept = VERDICTS.get(name) ?? Array.from({ length: SEEDS }, (_, seed) => judgedRise(name, seed).verdict);
  VERDICTS.set(name, kept);
  return kept;
}
/** Share of the drawn circuits of a kind that were called so. */
const calledShare = (name: string, verdict: string): number => verdictsOf(name).filter((called) => called === verdict).length / SEEDS;

/** Most that may be wrong of a hundred, and one more of a few drawn. */
const atMost = (share: number) => share + 1 / SEEDS;

it.each([
  ['dry', 'tight-and-dry', 0.9],
  ['wet', 'wet', 0.95],
  ['leaking', 'leak', 0.95],
  ['leaking a little, watched long', 'leak', 0.95],
] as const)('a circuit that is %s is told', (name, verdict, share) => {
  expect(calledShare(name, verdict)).toBeGreaterThanOrEqual(share - 1 / SEEDS);
});

it.each(Object.keys(CIRCUITS).filter((name) => !['dry', 'dry, and cold', 'outgassing'].includes(name)))(
  'a circuit with %s is not called tight and dry',
  (name) => {
    expect(calledShare(name, 'tight-and-dry')).toBeLessThanOrEqual(atMost(0.01));
  },
);

it.each(Object.keys(CIRCUITS).filter((name) => !name.startsWith('leaking') && name !== 'mixed'))(
  'nothing that is only %s is called a leak',
  (name) => {
    expect(calledShare(name, 'leak')).toBeLessThanOrEqual(atMost(0.01));
  },
);
