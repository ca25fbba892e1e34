import { keepsMakeSafe, safetyClassOf, torchLock, type OpenGate } from '@kesto/core';
import { useJob } from '@/data/jobs/useJob';
import { factsOfJob } from '@/data/stages/pendingStages';

/** What keeps the torch locked on a job; null where nothing does, or its making safe is not kept. */
export function useTorchLock(jobId: string): OpenGate | null {
  const { data: job } = useJob(jobId);
  if (!job) return null;
  const facts = factsOfJob(job.stages);
  if (!keepsMakeSafe({ facts, began: job.began, stored: job.stored })) return null;
  return torchLock(facts, { near: job.stages.near, safetyClass: safetyClassOf(job.circuit), refrigerant: job.circuit.refrigerant });
}
