import { useState } from 'react';
import { useTakePhoto, type TakenPhoto } from './useTakePhoto';

/** Photos of one entry: each is safe on the device before the entry names it. */
export function usePhotos() {
  const { take, busy, problem } = useTakePhoto();
  const [photos, setPhotos] = useState<readonly TakenPhoto[]>([]);
  async function add() {
    const photo = await take(photos.map((p) => p.sha256));
    if (photo) setPhotos((before) => [...before, photo]);
  }
  return { photos, add, problem, busy };
}
