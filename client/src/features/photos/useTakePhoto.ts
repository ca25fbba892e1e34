import { useState } from 'react';
import { photoWrite } from '@/data/joints/writes';
import { useWrite } from '@/outbox';
import { pickFile } from '@/ui/files';
import { preparePhoto } from './preparePhoto';

/** A photo taken here, and where this page can show it from. */
export interface TakenPhoto {
  readonly sha256: string;
  readonly uri: string;
}

const NO_PICTURE = 'This file is not a photo this device can read. The rest of the form is kept.';

/** One photo, safe on the device before anything names it. */
export function useTakePhoto() {
  const { keep, busy, problem } = useWrite();
  const [unread, setUnread] = useState<string | null>(null);

  /** Null where none was picked, it cannot be read, it is among those that are there, or it could not be kept. */
  async function take(there: readonly string[]): Promise<TakenPhoto | null> {
    const picked = await pickFile('image/*');
    if (!picked) return null;
    const photo = await preparePhoto(picked);
    setUnread(photo ? null : NO_PICTURE);
    if (!photo || there.includes(photo.sha256) || !(await keep(photoWrite(photo.sha256, photo.file)))) return null;
    return { sha256: photo.sha256, uri: URL.createObjectURL(photo.file) };
  }

  return { take, problem: unread ?? problem?.message ?? null, busy };
}
