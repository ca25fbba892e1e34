import { useRouter } from 'expo-router';
import { useRef, useState } from 'react';
import { useDispatch } from 'react-redux';
import { v7 as uuid } from 'uuid';
import { errorText } from '@/api/api';
import { usePutJobEntryMutation, usePutJointMutation } from '@/features/jobs/api';
import { draftChanged, NEW_DRAFT, type Draft } from '@/features/planner/drafts';
import type { JobSumValues } from '@kesto/contract';

/** Keeps a bench sum with a job, or begins a joint of that job from it; tried again, it is the same write. */
export function usePutInJob() {
  const router = useRouter();
  const dispatch = useDispatch();
  const [putEntry, entry] = usePutJobEntryMutation();
  const [putJoint, joint] = usePutJointMutation();
  const attempt = useRef<{ readonly id: string; readonly of: string } | null>(null);
  const [kept, setKept] = useState<{ readonly of: string; readonly words: string } | null>(null);
  const idFor = (what: unknown) => {
    const of = JSON.stringify(what);
    if (attempt.current?.of !== of) attempt.current = { id: uuid(), of };
    return attempt.current.id;
  };

  async function keep(jobId: string, values: JobSumValues): Promise<void> {
    const result = await putEntry({ jobId, entryId: idFor([jobId, values]), body: { kind: 'sum', values } });
    setKept(result.data ? { of: JSON.stringify(values), words: `Kept with job ${result.data.number}.` } : null);
  }

  async function plan(jobId: string, title: string, draft: Draft): Promise<void> {
    const result = await putJoint({ jobId, jointId: idFor([jobId, title, draft]), title });
    if (!result.data) return;
    dispatch(draftChanged({ jointId: result.data.id, from: NEW_DRAFT, part: draft }));
    router.push(`/joints/${result.data.id}`);
  }

  const error = entry.error ?? joint.error;
  return {
    keep,
    plan,
    busy: entry.isLoading || joint.isLoading,
    /** Only of the sum as it was kept: another one is not kept yet. */
    doneWith: (values: JobSumValues) => (kept?.of === JSON.stringify(values) ? kept.words : null),
    problem: error ? errorText(error) : null,
  };
}
