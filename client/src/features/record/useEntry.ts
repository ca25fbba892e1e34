import type { PutEntryRequest } from '@kesto/contract';
import { useRouter } from 'expo-router';
import { useRef, useState } from 'react';
import { v7 as uuid } from 'uuid';
import { errorText } from '@/api/api';
import { usePutEntryMutation } from '@/features/joint/api';

/** Adds one entry under an id and a time made when the person first keeps it: trying again is the same write. */
export function useEntry(jointId: string) {
  const router = useRouter();
  const [put, { isLoading }] = usePutEntryMutation();
  const attempt = useRef<{ id: string; of: string; at: string } | null>(null);
  const [problem, setProblem] = useState<string | null>(null);

  async function keep(entry: Omit<PutEntryRequest, 'deviceTime'>, after: '' | '/look') {
    const of = JSON.stringify(entry);
    if (attempt.current?.of !== of) attempt.current = { id: uuid(), of, at: new Date().toISOString() };
    const result = await put({ jointId, entryId: attempt.current.id, body: { ...entry, deviceTime: attempt.current.at } });
    if (result.error) return setProblem(errorText(result.error));
    router.replace(`/joints/${jointId}${after}`);
  }

  return { keep, busy: isLoading, problem, setProblem };
}
