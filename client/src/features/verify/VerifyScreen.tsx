import { calcErrorText } from '@kesto/contract/wording';
import { verifyRecord, type ExportedRecord } from '@kesto/core';
import { useState } from 'react';
import { View } from 'react-native';
import { Chain } from '@/features/joint/Chain';
import { IntegrityMark } from '@/features/joint/PassportScreen';
import { integrityOf, type Integrity } from '@/features/joint/usePassport';
import { Sheet } from '@/ui/Sheet';
import { Empty, Failed } from '@/ui/states';
import { pickRecord } from './pickRecord';

/** Checks a record file in this browser: nothing is sent anywhere. */
export function VerifyScreen() {
  const [file, setFile] = useState<{ record: ExportedRecord; integrity: Integrity } | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  async function check() {
    const text = await pickRecord();
    if (text === null) return;
    try {
      const record: unknown = JSON.parse(text);
      const result = verifyRecord(record);
      if (!result.ok) throw new Error(result.errors[0] ? `${result.errors[0].field}: ${calcErrorText(result.errors[0])}` : 'not a record');
      setFile({ record: record as ExportedRecord, integrity: integrityOf(result.value) }); // cast: verifyRecord refused anything else
      setProblem(null);
    } catch (error) {
      setFile(null);
      setProblem(`This file cannot be checked: ${error instanceof Error ? error.message : String(error)}`);
    }
  }
  return (
    <Sheet
      tag="check"
      title="A record file"
      subtitle="checked here, sent nowhere"
      up={{ label: 'today', href: '/' }}
      cells={{ here: 'verify' }}
      action={{ label: 'Choose a file', onPress: () => void check() }}
    >
      {problem ? <Failed message={problem} /> : null}
      {file ? (
        <View style={{ gap: 12 }}>
          <IntegrityMark integrity={file.integrity} entries={file.record.entries.length} />
          <Chain entries={file.record.entries} brokenAt={file.integrity.status === 'broken' ? file.integrity.entry : null} />
        </View>
      ) : problem ? null : (
        <Empty title="No file chosen" text="A joint’s record is exported from its sheet with “give a copy”." />
      )}
    </Sheet>
  );
}
