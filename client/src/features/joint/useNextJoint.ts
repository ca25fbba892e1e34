import type { JointView } from '@kesto/contract';
import { nextText } from '@kesto/contract/wording';
import type { Next } from '@kesto/core';
import type { Href } from 'expo-router';
import { useJob } from '@/data/jobs/useJob';
import { nextHref } from '@/data/stages/stageHref';
import { useMayMake } from '@/session/useMayMake';

/** Where it goes on from a joint. */
export interface NextHere {
  readonly label: string;
  readonly href: Href;
}

/** What a joint that passes is left for: the next of its job, or the hold of them all. What comes later is the job's to say. */
const FOLLOWS: readonly Next['step'][] = ['braze-joint', 'join-cold', 'look-joint', 'hold'];

/** The next joint of the job once this one passes; null where there is none, or nobody who makes it looks. */
export function useNextJoint({ id, state, job: { id: jobId } }: JointView): NextHere | null {
  const mayMake = useMayMake();
  const isThrough = mayMake && (state === 'passed' || state === 'accepted');
  const { data: job } = useJob(isThrough ? jobId : null);
  if (!isThrough || !job || job.done || job.next.joint === id || !FOLLOWS.includes(job.next.step)) return null;
  const { step, joint } = job.next;
  if (joint === undefined) {
    const href = nextHref(job, job.next);
    return href === null ? null : { label: nextText(job.next), href };
  }
  const tag = job.order.find((other) => other.id === joint)?.tag ?? '';
  return { label: `${nextText(job.next)} ${tag}`, href: `/joints/${joint}/${step === 'look-joint' ? 'look' : 'run'}` };
}
