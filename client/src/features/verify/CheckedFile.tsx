import type { FileCheck } from '@kesto/contract/check';
import { StyleSheet, View } from 'react-native';
import { brokenEntry, Chain, IntegrityMark, integrityOf } from '@/features/chain';
import { JobMark } from '@/features/jobRecord';
import { Broken } from '@/ui/Broken';
import { WORDS } from './words';

/** A file that was checked on this device: whether it holds, and what it says. */
export function CheckedFile({ file }: { file: FileCheck }) {
  if (file.of === 'job') return <JobMark found={file.found} />;
  const integrity = integrityOf(file.found);
  return (
    <Broken what={WORDS.thisRecord} of={file}>
      <View style={styles.list}>
        <IntegrityMark integrity={integrity} entries={file.record.entries.length} />
        <Chain entries={file.record.entries} brokenAt={brokenEntry(integrity)} />
      </View>
    </Broken>
  );
}

const styles = StyleSheet.create({ list: { gap: 12 } });
