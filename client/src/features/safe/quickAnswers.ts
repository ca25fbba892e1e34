import { HOT_WORK_ANSWER_WORDS } from '@kesto/contract/wording';
import { POINT_ROWS, type HotWorkAnswer, type TorchPoint } from '@kesto/core';
import type { StageWork } from '@/data/stages/useStage';
import { USUAL } from './words';

/** Answered by more than a yes: who watches and how long, what the air was read at. */
const NEEDS_MORE: readonly TorchPoint[] = ['watch', 'oxygen'];

/** What answers a point by one tap. */
export interface QuickAnswer {
  readonly label: string;
  readonly keep: (work: StageWork) => Promise<boolean>;
}

const answers = (point: TorchPoint, answer: HotWorkAnswer): QuickAnswer => ({
  label: HOT_WORK_ANSWER_WORDS[answer],
  keep: (work) => work.note('hot-work', { point, answer }),
});

/** The words that are said most often of a point, at once. */
function usualAnswers(point: TorchPoint, me: string | null): readonly QuickAnswer[] {
  if (point === 'told') return [{ label: USUAL.told[0], keep: (work) => work.note('told', { who: USUAL.told[0] }) }];
  if (point === 'covered') return [{ label: USUAL.covered[0], keep: (work) => work.note('covered', { what: USUAL.covered[0] }) }];
  if (point !== 'watch' || me === null) return [];
  const [note = ''] = USUAL.watch(me);
  return [{ label: note, keep: (work) => work.note('hot-work', { point, answer: 'done', note }) }];
}

/**
 * What answers a point by one tap: a yes where nothing else has to be said with it, else its most usual words. What is put out of service is said
 * so on its own sheet; that there is none of it here is not.
 *
 * @param me  who is signed in, by name; null where nobody is
 */
export function quickAnswers(point: TorchPoint, me: string | null): readonly QuickAnswer[] {
  const { answeredBy, mayBeNone, goesOut } = POINT_ROWS[point];
  if (NEEDS_MORE.includes(point)) return usualAnswers(point, me);
  const isDoneAtOnce = answeredBy === null && !goesOut;
  return [
    ...usualAnswers(point, me),
    ...(isDoneAtOnce ? [answers(point, 'done')] : []),
    ...(mayBeNone ? [answers(point, 'none-here')] : []),
  ];
}
