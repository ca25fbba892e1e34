import type { JointView, PutEntryRequest } from '@kesto/contract';
import { useRouter } from 'expo-router';
import { v7 as uuid } from 'uuid';
import { entryWrite } from '@/features/joint/writes';
import { useWrite } from '@/outbox';

/** Adds one entry under an id and a time made when the person keeps it. */
export function useEntry({ id, job }: Pick<JointView, 'id' | 'job'>) {
  const router = useRouter();
  const { keep: write, busy, problem } = useWrite();

  async function keep(entry: Omit<PutEntryRequest, 'deviceTime'>, after: '' | '/look') {
    const kept = await write(entryWrite(id, uuid(), { jobId: job.id, ...entry, deviceTime: new Date().toISOString() }));
    if (kept) router.replace(`/joints/${id}${after}`);
  }

  return { keep, busy, problem: problem?.message ?? null };
}
