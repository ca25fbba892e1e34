import type { JobView } from '@kesto/contract';
import { keepsMakeSafe, WATCH_MINUTES, watchOf } from '@kesto/core';
import { useMe } from '@/session/useMe';
import { useStage } from '@/data/stages/useStage';

/** The watch begins with a flame that goes off, by itself: a later flame of the job only moves its end. */
export function useWatchBegins(job: JobView): () => Promise<boolean> {
  const me = useMe();
  const { facts, lastFlame, note } = useStage(job, 'make-safe');
  const watch = watchOf(facts, lastFlame);
  const isRunning = watch !== null && watch.endedAt === null;
  const isKept = keepsMakeSafe({ facts, began: job.began, stored: job.stored });
  return () =>
    isKept && !isRunning ? note('watch-began', { minutes: WATCH_MINUTES.usual, by: me?.person.name ?? '' }) : Promise.resolve(true);
}
