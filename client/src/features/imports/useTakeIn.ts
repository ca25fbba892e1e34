import { IMPORT_LIMIT_BYTES } from '@kesto/contract/api';
import { bytesHash } from '@kesto/core';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { errorText } from '@/api/api';
import { useSetImportMutation } from '@/data/imports/api';
import { pickRecord } from '@/features/verify';

const MB = 1_000_000;

/** Takes in a file that the person picks; the server checks it before it is kept. */
export function useTakeIn() {
  const router = useRouter();
  const [send, { isLoading, error, reset }] = useSetImportMutation();
  const [tooLarge, setTooLarge] = useState<string | null>(null);
  async function takeIn() {
    const picked = await pickRecord();
    if (!picked) return;
    reset();
    const { bytes, name } = picked;
    const isTooLarge = bytes.length > IMPORT_LIMIT_BYTES;
    setTooLarge(isTooLarge ? `${name} has ${Math.ceil(bytes.length / MB)} MB: at most ${IMPORT_LIMIT_BYTES / MB} MB are taken in.` : null);
    if (isTooLarge) return;
    const sha256 = bytesHash(bytes);
    const answer = await send({ sha256, file: new Blob([bytes.slice()]) });
    if (answer.data) router.push(`/imports/${sha256}`);
  }
  return { takeIn: () => void takeIn(), busy: isLoading, problem: tooLarge ?? (error ? errorText(error) : null) };
}
