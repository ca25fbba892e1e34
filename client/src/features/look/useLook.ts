import type { JointView } from '@kesto/contract/api';
import { LOOK_RESULT_WORDS } from '@kesto/contract/wording';
import { LOOK_FINDINGS, LOOK_RESULTS, madeCold, readChain, type Flaw, type LookFinding, type LookResult, type Told } from '@kesto/core';
import { useWatch } from 'react-hook-form';
import { useKeptForm } from '@/forms/keptForm';
import { usePhotos } from '@/features/photos';
import { useEntry } from '@/features/record';
import { useLookBar } from './useLookBar';
import { WORDS } from './words';

const rank = (result: LookResult) => LOOK_RESULTS.indexOf(result);

/** The best that may still be said once these were found. */
export function bestAllowed(findings: readonly LookFinding[]): LookResult {
  return findings.reduce<LookResult>((worst, f) => (rank(LOOK_FINDINGS[f]) > rank(worst) ? LOOK_FINDINGS[f] : worst), 'pass');
}

export type Mark = NonNullable<Told<'looked-at'>['marks']>[number];

export interface Look {
  readonly findings: readonly LookFinding[];
  readonly result: LookResult | null;
  readonly note: string;
  /** All round, with a mirror for the back. */
  readonly backSeen: boolean;
  readonly flaw: Flaw | null;
  readonly marks: readonly Mark[];
}

const UNSEEN: Look = { findings: [], result: null, note: '', backSeen: false, flaw: null, marks: [] };
/** Nothing here can be misread: what may be said is settled by what was found. */
const asItStands = (values: Look) => ({ values, errors: {} });

/** Looked at all round: what is seen decides what may be said. It outlives a reload until it is kept; another look begins anew. */
export function useLook(joint: JointView) {
  const { control, setValue, getValues, forget } = useKeptForm<Look>(`look.${joint.id}.${joint.entries.length}`, UNSEEN, asItStands);
  // All but the note, which is drawn anew in its own field.
  const [findings, result, backSeen, flaw, marks] = useWatch({ control, name: ['findings', 'result', 'backSeen', 'flaw', 'marks'] });
  const photos = usePhotos();
  const entry = useEntry(joint);
  const cold = madeCold(readChain(joint.entries), null);
  const limit: LookResult = cold && cold.flaws.length > 0 ? 'cut-out' : bestAllowed(findings);
  const barOf = useLookBar(joint, cold !== null || backSeen);
  const barOfAllSeen = useLookBar(joint, true);
  const find = (next: readonly LookFinding[]) => {
    setValue('findings', [...next]);
    if (result && rank(result) < rank(bestAllowed(next))) setValue('result', null);
  };
  // With nothing found the key that keeps it says that it passes, and where nobody ticked it yet, that the back was seen as well.
  const maySayAll = result === null && findings.length === 0 && limit === 'pass' && barOfAllSeen('pass') === null;
  const says = result ?? (maySayAll ? 'pass' : null);
  const isSeen = backSeen || (maySayAll && !cold);
  async function keep() {
    if (!says) return;
    const seen = cold ? {} : { backSeen: isSeen, ...(flaw ? { flaw } : {}), ...(marks.length > 0 ? { marks } : {}) };
    const values = { result: says, findings, note: getValues('note').trim(), ...seen };
    const isKept = await entry.keep({ kind: 'looked-at', values, photos: photos.photos.map(({ sha256 }) => sha256) }, '');
    if (isKept) forget();
  }
  return {
    ...{ control, findings, result, backSeen, flaw, marks },
    cold,
    limit,
    photos,
    points: joint.plan?.plan.inspect ?? [],
    problem: entry.problem,
    bars: [...new Set(LOOK_RESULTS.filter((value) => rank(value) >= rank(limit)).flatMap((value) => barOf(value) ?? []))],
    results: LOOK_RESULTS.map((value) => ({
      value,
      label: value === 'rework' ? WORDS.reworkLabel : LOOK_RESULT_WORDS[value],
      disabled: rank(value) < rank(limit) || barOf(value) !== null,
    })),
    toggle: (name: LookFinding) => find(findings.includes(name) ? findings.filter((f) => f !== name) : [...findings, name]),
    /** A flaw that is marked is an open ring until it is said what it is. */
    mark(next: Flaw | null) {
      setValue('flaw', next);
      if (next && findings.length === 0) find(['ring-not-closed']);
    },
    markPhoto: (mark: Mark) => setValue('marks', [...marks.filter(({ photo }) => photo !== mark.photo), mark]),
    setResult: (value: LookResult) => setValue('result', value),
    setBackSeen: (seen: boolean) => setValue('backSeen', seen),
    action: {
      label: result ? WORDS.keep(LOOK_RESULT_WORDS[result]) : says ? (isSeen && !backSeen ? WORDS.allSeen : WORDS.passes) : WORDS.sayWhat,
      disabled: says === null || (maySayAll ? false : barOf(says) !== null) || entry.busy,
      onPress: () => void keep(),
    },
  };
}
export type LookWork = ReturnType<typeof useLook>;
