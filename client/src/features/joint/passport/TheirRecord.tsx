import type { JointEntry, Told } from '@kesto/core';
import { useRouter } from 'expo-router';
import { FrameKey } from '@/ui/Buttons';
import { WORDS } from './words';

/** Of an entry that goes on from another shop's record: the way to that. */
export function TheirRecord({ entry }: { entry: JointEntry }) {
  const router = useRouter();
  if (entry.kind !== 'goes-on-from') return null;
  const { file } = entry.values as unknown as Told<'goes-on-from'>; // cast: the schema of this kind
  return <FrameKey quiet label={WORDS.theirRecord} onPress={() => router.push(`/imports/${file}`)} />;
}
