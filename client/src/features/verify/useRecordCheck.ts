import type { FileCheck } from '@kesto/contract/check';
import { calcErrorText } from '@kesto/contract/wording';
import type { Result } from '@kesto/core';
import { useEffect, useState } from 'react';
import { saveFrom } from '@/api/saveFrom';
import { checkOnDevice } from '@/features/chain';
import { pickRecord, type Picked } from './pickRecord';
import { WORDS } from './words';

/** What is checked, and what it is held against. */
interface Asked {
  readonly file: Picked | null;
  /** A hash from paper, or what a label's code says. */
  readonly noted: string;
  readonly older: Picked | null;
}

const HASH = /^[0-9a-f]{64}$/;

/** A hash stands by itself, with or without the spaces it is printed with; anything else that was typed is what a label says. */
function heldAgainst({ noted, older }: Asked) {
  const hash = noted.replaceAll(/\s/g, '').toLowerCase();
  const typed = hash === '' || HASH.test(hash) || !noted.includes('~') ? null : new TextEncoder().encode(noted.trim());
  const kept = older?.bytes ?? typed;
  return { ...(hash === '' || typed ? {} : { head: hash }), ...(kept ? { older: kept } : {}) };
}

/** A file that was chosen, held against what was noted or kept before, checked anew whenever one of them changes. */
export function useRecordCheck() {
  const [asked, setAsked] = useState<Asked>({ file: null, noted: '', older: null });
  const [unsaved, setUnsaved] = useState<string | null>(null);
  const [result, setResult] = useState<Result<FileCheck> | null>(null);
  useEffect(() => {
    let isNewest = true;
    const { file } = asked;
    if (file) void checkOnDevice(file.bytes, heldAgainst(asked)).then((found) => isNewest && setResult(found));
    return () => {
      isNewest = false;
    };
  }, [asked]);
  const error = result && !result.ok ? result.errors[0] : undefined;
  const choose = async (which: 'file' | 'older') => {
    const picked = await pickRecord();
    if (picked) setAsked((before) => ({ ...before, [which]: picked }));
  };
  return {
    found: result?.ok ? result.value : null,
    problem: error ? WORDS.cannotBeChecked(`${error.field} ${calcErrorText(error)}`) : null,
    noted: asked.noted,
    older: asked.older?.name ?? null,
    setNoted: (noted: string) => setAsked((before) => ({ ...before, noted })),
    dropOlder: () => setAsked((before) => ({ ...before, older: null })),
    choose: () => void choose('file'),
    chooseOlder: () => void choose('older'),
    keepPage: () => void saveFrom('/check.html', 'kesto-check.html').then(setUnsaved),
    unsaved,
  };
}
