import type { PutInviteRequest } from '@kesto/contract';
import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import { errorText } from '@/api/api';
import { usePutInviteMutation } from '@/data/people/api';
import { newCode } from '@/data/people/code';

/** Makes a one-time code, and shows it once the server knows it. */
export function useInvite() {
  const [put, { isLoading, error }] = usePutInviteMutation();
  // One code and one id however often it is tried: the server then has one invitation.
  const [attempt] = useState(() => ({ id: uuid(), code: newCode() }));
  const [code, setCode] = useState<string | null>(null);

  /** True once the server knows it. */
  async function ask(about: Omit<PutInviteRequest, 'code'>): Promise<boolean> {
    const result = await put({ id: attempt.id, body: { ...about, code: attempt.code } });
    if (result.data) setCode(attempt.code);
    return result.data !== undefined;
  }

  return { ask, code, busy: isLoading, problem: error ? errorText(error) : null };
}
