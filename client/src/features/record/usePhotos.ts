import { PHOTO_LIMIT_BYTES, type StoredPhoto } from '@kesto/contract/api';
import { bytesHash } from '@kesto/core';
import { useState } from 'react';
import { errorText } from '@/api/api';
import { usePutPhotoMutation } from '@/features/joint/api';

function pickFile(): Promise<File | null> {
  return new Promise((resolve) => {
    const input = document.createElement('input');
    input.type = 'file';
    input.accept = 'image/*';
    input.dataset['testid'] = 'photo-input';
    input.style.display = 'none';
    input.onchange = () => {
      resolve(input.files?.[0] ?? null);
      input.remove();
    };
    document.body.append(input);
    input.click();
  });
}

/** Photos of one entry: each is stored before the entry names it. */
export function usePhotos() {
  const [put, { isLoading }] = usePutPhotoMutation();
  const [photos, setPhotos] = useState<readonly StoredPhoto[]>([]);
  const [problem, setProblem] = useState<string | null>(null);

  async function add() {
    const file = await pickFile();
    if (!file) return;
    if (file.size > PHOTO_LIMIT_BYTES)
      return setProblem(`This photo has ${(file.size / 1e6).toFixed(0)} MB; at most 12 MB are taken. The rest of the form is kept.`);
    const source = bytesHash(new Uint8Array(await file.arrayBuffer()));
    const result = await put({ source, file });
    if (result.error) return setProblem(errorText(result.error));
    setProblem(null);
    const stored = result.data;
    if (stored) setPhotos((before) => (before.some((p) => p.sha256 === stored.sha256) ? before : [...before, stored]));
  }

  return { photos, add, problem, busy: isLoading };
}
