import { calcErrorText } from '@kesto/contract/wording';
import { readRecordText, verifyRecord, type ExportedRecord, type Result } from '@kesto/core';
import { useMemo, useState } from 'react';
import { type Integrity, integrityOf } from '@/features/chain';
import { checkJobFile } from '@/features/jobRecord';
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
  const [picked, setPicked] = useState<string | Uint8Array | null>(null);
  const [noted, setNoted] = useState('');
  const job = useMemo(() => (picked instanceof Uint8Array ? checkJobFile(picked) : null), [picked]);
  const checked = typeof picked === 'string' ? check(picked, noted) : null;
  const error = checked && !checked.ok ? checked.errors[0] : undefined;
  const unread = error ? `This file cannot be checked: ${error.field} ${calcErrorText(error)}` : null;
  return {
    checked: checked?.ok ? checked.value : null,
    job: job?.status === 'checked' ? job.found : null,
    problem: job?.status === 'failed' ? job.message : unread,
    noted,
    setNoted,
    choose: async () => {
      const file = await pickRecord();
      if (file !== null) setPicked(file);
    },
  };
}
