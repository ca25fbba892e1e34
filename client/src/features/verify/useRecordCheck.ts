import { calcErrorText } from '@kesto/contract/wording';
import { readRecordText, verifyRecord, type ExportedRecord, type Result } from '@kesto/core';
import { useState } from 'react';
import { integrityOf, type Integrity } from '@/features/joint/IntegrityMark';
import { pickRecord } from './pickRecord';

interface Checked {
  readonly record: ExportedRecord;
  readonly integrity: Integrity;
}

function check(text: string, noted: string): Result<Checked> {
  const file = readRecordText(text);
  if (!file.ok) return file;
  const head = noted.replaceAll(/\s/g, '').toLowerCase();
  const result = verifyRecord(file.value, head === '' ? undefined : head);
  if (!result.ok) return result;
  return { ok: true, value: { record: file.value as ExportedRecord, integrity: integrityOf(result.value) } }; // cast: verifyRecord refused anything else
}

/** A file that was chosen, and a hash noted from paper, checked anew whenever one of them changes. */
export function useRecordCheck() {
  const [text, setText] = useState<string | null>(null);
  const [noted, setNoted] = useState('');
  const checked = text === null ? null : check(text, noted);
  const error = checked && !checked.ok ? checked.errors[0] : undefined;
  return {
    checked: checked?.ok ? checked.value : null,
    problem: error ? `This file cannot be checked: ${error.field} ${calcErrorText(error)}` : null,
    noted,
    setNoted,
    choose: async () => {
      const picked = await pickRecord();
      if (picked !== null) setText(picked);
    },
  };
}
