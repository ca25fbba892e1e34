import type { JobSummary, JobSumValues } from '@kesto/contract';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { useDispatch } from 'react-redux';
import { v7 as uuid } from 'uuid';
import { jobEntryWrite, jointWrite } from '@/data/jobs/writes';
import { draftChanged, NEW_DRAFT, type Draft } from '@/draft/drafts';
import { useWrite } from '@/outbox';

/** Keeps a bench sum with a job, or begins a joint of that job from it. */
export function usePutInJob() {
  const router = useRouter();
  const dispatch = useDispatch();
  const { keep: write, busy, problem } = useWrite();
  const [kept, setKept] = useState<{ readonly of: string; readonly words: string } | null>(null);
  const isKept = (values: JobSumValues) => kept?.of === JSON.stringify(values);

  async function keep(job: JobSummary, values: JobSumValues): Promise<void> {
    if (isKept(values)) return;
    const done = await write(jobEntryWrite(job.id, uuid(), { kind: 'sum', values }));
    setKept(done ? { of: JSON.stringify(values), words: `Kept with job ${job.number}.` } : null);
  }

  async function plan(jobId: string, title: string, draft: Draft): Promise<void> {
    const id = uuid();
    if (!(await write(jointWrite(jobId, id, { title })))) return;
    dispatch(draftChanged({ jointId: id, from: NEW_DRAFT, part: draft }));
    router.push(`/joints/${id}`);
  }

  return {
    keep,
    plan,
    busy,
    /** Only of the sum as it was kept: another one is not kept yet. */
    doneWith: (values: JobSumValues) => (isKept(values) ? kept?.words : null),
    problem: problem?.message ?? null,
  };
}
