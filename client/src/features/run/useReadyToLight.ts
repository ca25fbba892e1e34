import type { JobView } from '@kesto/contract';
import { keepsMakeSafe, torchLock, type OpenGate, type TorchPoint } from '@kesto/core';
import { useFreshness } from '@/features/torch';
import { useStage } from '@/data/stages/useStage';

export interface ReadyToLight {
  /** What keeps the torch locked; null where nothing does, or its making safe is not kept. */
  readonly lock: OpenGate | null;
  /** What was read too long ago, or by somebody else. */
  readonly again: readonly TorchPoint[];
}

/** What stands between here and the flame, before anything is tapped. */
export function useReadyToLight(job: JobView): ReadyToLight {
  const { facts, about, lastFlame } = useStage(job, 'make-safe');
  const fresh = useFreshness({ facts, about, lastFlame });
  const isKept = keepsMakeSafe({ facts, began: job.began, stored: job.stored });
  return { lock: isKept ? torchLock(facts, about) : null, again: isKept ? fresh.again : [] };
}
