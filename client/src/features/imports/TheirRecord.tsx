import { goesOnText } from '@kesto/contract/wording';
import { readChain, type JointEntry, type JointLink, type Told } from '@kesto/core';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { FrameKey } from '@/ui/Buttons';
import { Words } from '@/ui/Words';
import { WORDS } from './words';

/** Of an entry that goes on from another shop's record: the way to that. */
export function TheirRecord({ entry }: { entry: JointEntry }) {
  const router = useRouter();
  if (entry.kind !== 'goes-on-from') return null;
  const { file } = entry.values as unknown as Told<'goes-on-from'>; // cast: the schema of this kind
  return <FrameKey quiet label={WORDS.theirRecord} onPress={() => router.push(`/imports/${file}`)} />;
}

/** Before such a joint is made: whose it was. */
export function GoesOnNote({ entries }: { entries: readonly JointLink[] }) {
  const entry = readChain(entries).find(({ kind }) => kind === 'goes-on-from');
  if (!entry) return null;
  return (
    <View>
      <Words size={15}>{WORDS.goesOnFrom(goesOnText(entry.kind, entry.values) ?? '')}</Words>
      <TheirRecord entry={entry} />
    </View>
  );
}
