import type { JointView, PutEntryRequest } from '@kesto/contract';
import { useRouter } from 'expo-router';
import { v7 as uuid } from 'uuid';
import { seenOf } from '@/data/joints/seenOf';
import { entryWrite } from '@/data/joints/writes';
import { useWrite } from '@/outbox';

/** Adds one entry under an id and a time made when the person keeps it. */
export function useEntry(joint: JointView) {
  const { id, job } = joint;
  const router = useRouter();
  const { keep: write, busy, problem } = useWrite();

  /** True once it is safe on the device. */
  async function keep(entry: Omit<PutEntryRequest, 'deviceTime' | 'seen'>, after: '' | '/look'): Promise<boolean> {
    const kept = await write(
      entryWrite(id, uuid(), { jobId: job.id, ...entry, deviceTime: new Date().toISOString(), seen: seenOf(joint) }),
    );
    if (kept) router.replace(`/joints/${id}${after}`);
    return kept;
  }

  return { keep, busy, problem: problem?.message ?? null };
}
