import { useState } from 'react';
import { photoWrite } from '@/features/joint/writes';
import { useWrite } from '@/outbox';
import { pickFile } from '@/ui/files';
import { preparePhoto } from './preparePhoto';

/** A photo taken here, and where this page can show it from. */
export interface TakenPhoto {
  readonly sha256: string;
  readonly uri: string;
}

const NO_PICTURE = 'This file is not a photo this device can read. The rest of the form is kept.';

/** Photos of one entry: each is safe on the device before the entry names it. */
export function usePhotos() {
  const { keep, busy, problem } = useWrite();
  const [photos, setPhotos] = useState<readonly TakenPhoto[]>([]);
  const [unread, setUnread] = useState<string | null>(null);

  async function add() {
    const picked = await pickFile('image/*');
    if (!picked) return;
    const photo = await preparePhoto(picked);
    setUnread(photo ? null : NO_PICTURE);
    if (!photo || photos.some((p) => p.sha256 === photo.sha256) || !(await keep(photoWrite(photo.sha256, photo.file)))) return;
    setPhotos((before) => [...before, { sha256: photo.sha256, uri: URL.createObjectURL(photo.file) }]);
  }

  return { photos, add, problem: unread ?? problem?.message ?? null, busy };
}
