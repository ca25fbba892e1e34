import type { JobView } from '@kesto/contract';
import { bubbledIn, type KeptHold } from '@kesto/core';
import { useRouter } from 'expo-router';
import { useStage } from '@/data/stages/useStage';
import { toPullHref } from '@/data/stages/stageHref';
import type { StageWork } from '@/data/stages/useStage';
import type { SheetAction } from '@/ui/Sheet';
import { WORDS } from '../words';

/** A place that bubbled, and where it is mended. */
export interface Bubbled {
  readonly key: string;
  readonly says: string;
  readonly onOpen: (() => void) | null;
}

/** Where a hold that is let down leads: to what bubbled, back to Find with what is known now, or on. */
export function useAfterHold(
  { job, work, last, nameOf }: { job: JobView; work: StageWork; last: KeptHold | undefined; nameOf: (place: string) => string },
  { what, loses, onAgain }: { what: string; loses: string; onAgain: () => void },
) {
  const router = useRouter();
  const find = useStage(job, 'find');
  const isOpen = work.state === 'open';
  const isTight = isOpen && work.gates.length === 0;
  const isLeaking = isOpen && last?.ended?.values.verdict === 'leaking';
  const bubbled: readonly Bubbled[] = (last ? bubbledIn(last) : []).map(({ joint, tag, place, hose }) => ({
    key: joint ?? place ?? hose ?? '',
    says: tag ?? hose ?? (place === undefined ? '' : nameOf(place)),
    onOpen: joint === undefined ? null : () => router.push(`/joints/${joint}`),
  }));
  const toFind = () => router.push(`/jobs/${job.id}/find`);
  /** Find is opened again with what is known now: which section, how large. */
  const findIt = async () => {
    const isSafe = find.state === 'open' || (await find.note('reopened', { why: WORDS.reopens(what, loses) }));
    if (isSafe) toFind();
  };
  const toJob = () => router.push(`/jobs/${job.id}`);
  const toPull = () => router.push(toPullHref(job.id));
  const first = bubbled.find(({ onOpen }) => onOpen !== null);
  const action = (): SheetAction => {
    if (isLeaking && first) return { label: WORDS.mend(first.says), onPress: () => first.onOpen?.() };
    if (isLeaking) return { label: WORDS.findIt, disabled: find.busy, onPress: () => void findIt() };
    if (isTight)
      return { label: WORDS.onward, disabled: work.busy, onPress: () => void work.note('done', {}).then((kept) => kept && toPull()) };
    return isOpen ? { label: WORDS.again, onPress: onAgain } : { label: WORDS.toJob, onPress: toJob };
  };
  return {
    action: action(),
    bubbled,
    isLeaking,
    findIt: isLeaking && first ? () => void findIt() : null,
    again: isLeaking || isTight ? onAgain : null,
  };
}
