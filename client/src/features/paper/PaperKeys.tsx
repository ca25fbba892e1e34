import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { addressOf } from '@/api/call';
import { errorText } from '@/api/api';
import { FrameKey } from '@/ui/Buttons';
import { fetchBytes, shareFile } from '@/ui/files';
import { Failed } from '@/ui/states';
import { WORDS } from './words';

const PAGES = {
  recordPdf: { print: 'Print the record', says: 'the record' },
  jobPdf: { print: 'Print the job', says: 'the job' },
  reportPdf: { print: 'Print the report', says: 'the report' },
  labelPdf: { print: 'Print its label', says: 'the label' },
  labelsPdf: { print: 'Print labels of its joints', says: 'the labels' },
  foundPdf: { print: 'A page for whoever pays', says: 'what was found' },
} as const;

interface PaperKeysProps {
  readonly page: keyof typeof PAGES;
  /** Of the joint, or of the job. */
  readonly id: string;
  /** What the file is called. */
  readonly name: string;
}

/** Something as a page of paper: opened to be printed, or given away as a file. */
export function PaperKeys({ page, id, name }: PaperKeysProps) {
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const address = page === 'recordPdf' || page === 'labelPdf' ? addressOf(page, { joint: id }) : addressOf(page, { job: id });
  async function share() {
    setBusy(true);
    const found = await fetchBytes(address);
    setProblem('error' in found ? errorText(found.error) : null);
    if ('bytes' in found) await shareFile(new File([found.bytes], `${name}.pdf`, { type: 'application/pdf' }));
    setBusy(false);
  }
  return (
    <View style={styles.keys}>
      <FrameKey label={PAGES[page].print} onPress={() => window.open(address, '_blank')} />
      <FrameKey
        quiet
        label={busy ? WORDS.fetching : WORDS.shareIt}
        says={WORDS.share(PAGES[page].says)}
        disabled={busy}
        onPress={() => void share()}
      />
      {problem ? <Failed message={problem} /> : null}
    </View>
  );
}

const styles = StyleSheet.create({ keys: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 } });
