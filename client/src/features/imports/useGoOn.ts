import { useRouter } from 'expo-router';
import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import { errorText } from '@/api/api';
import { useLazyFindJointQuery } from '@/data/joints/api';
import { seenOf } from '@/data/joints/seenOf';
import { entryWrite } from '@/data/joints/writes';
import { useWrite } from '@/outbox';
import type { Theirs } from './useImported';
import { WORDS } from './words';

/** Begins the record of an own joint with where another shop's ended. */
export function useGoOn() {
  const router = useRouter();
  const [find, { isFetching }] = useLazyFindJointQuery();
  const { keep, busy, problem } = useWrite();
  const [refused, setRefused] = useState<string | null>(null);
  async function goOn(ownTag: string, values: Theirs) {
    const found = await find(ownTag.trim());
    const joint = found.data;
    if (!joint) return setRefused(errorText(found.error));
    if (joint.entries.length > 0) return setRefused(WORDS.begun(joint.tag));
    setRefused(null);
    const asked = entryWrite(joint.id, uuid(), {
      ...{ jobId: joint.job.id, kind: 'goes-on-from' as const, values: { ...values }, photos: [] },
      ...{ deviceTime: new Date().toISOString(), seen: seenOf(joint) },
    });
    if (await keep(asked)) router.push(`/joints/${joint.id}`);
  }
  return { goOn, busy: busy || isFetching, problem: refused ?? problem?.message ?? null };
}
