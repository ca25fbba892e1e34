import type { JobView } from '@kesto/contract';
import { useState } from 'react';
import { errorText } from '@/api/api';
import { addressOf } from '@/api/call';
import { saveFrom } from '@/api/saveFrom';
import { fetchBytes, saveFile } from '@/ui/files';
import { checkJobFile, type JobCheck } from './checkJobFile';

/** A job's whole record: checked here from the very bytes that are given away, and handed over as a file. */
export function useJobRecord({ id, number }: JobView) {
  const [busy, setBusy] = useState(false);
  const [check, setCheck] = useState<JobCheck | null>(null);
  async function withBytes(take: (bytes: Uint8Array<ArrayBuffer>) => void): Promise<void> {
    setBusy(true);
    const answer = await fetchBytes(addressOf('exportJob', { job: id }));
    setBusy(false);
    if ('bytes' in answer) return take(answer.bytes);
    setCheck({ status: 'failed', message: errorText(answer.error) });
  }
  return {
    busy,
    check,
    look: () => void withBytes((bytes) => void checkJobFile(bytes).then(setCheck)),
    giveMaterials: () =>
      void saveFrom(addressOf('materialsCsv', { job: id }), `job-${number}-materials.csv`).then(
        (message) => message && setCheck({ status: 'failed', message }),
      ),
    give: () => void withBytes((bytes) => saveFile(new Blob([bytes], { type: 'application/zip' }), `job-${number}.zip`)),
  };
}
