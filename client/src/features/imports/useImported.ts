import type { FileCheck } from '@kesto/contract/check';
import { calcErrorText } from '@kesto/contract/wording';
import { headOf, type Told } from '@kesto/core';
import { useEffect, useState } from 'react';
import { errorText } from '@/api/api';
import { addressOf } from '@/api/call';
import { openCheck } from '@/signing';
import { fetchBytes } from '@/ui/files';
import { WORDS } from './words';

/** One of their joints, as an entry of one's own names it. */
export type Theirs = Told<'goes-on-from'>;

export type Imported =
  | { readonly status: 'loading' }
  | { readonly status: 'failed'; readonly message: string }
  | { readonly status: 'ready'; readonly check: FileCheck; readonly theirs: readonly Theirs[] };

const FILE_FAILED = (message: string): Imported => ({ status: 'failed', message });

/** Checked here too, whatever the server said of it when it came. */
async function fetchImported(sha256: string): Promise<Imported> {
  const answer = await fetchBytes(addressOf('importedFile', { sha256 }));
  if ('error' in answer) return FILE_FAILED(errorText(answer.error));
  const { checkFile, chainsInFile } = await openCheck();
  const check = checkFile(answer.bytes);
  if (!check.ok) return FILE_FAILED(WORDS.cannotBeShown(check.errors.map((error) => calcErrorText(error)).join(' ')));
  const { found } = check.value;
  const signed = found.intact ? found.signed : null;
  const from = { file: sha256, shop: signed?.shop.id ?? null, shopName: signed?.shop.name ?? null, key: signed?.key ?? null };
  const joints = found.intact ? chainsInFile(answer.bytes).filter(({ of }) => of === 'joint') : [];
  const theirs = joints.map(({ id, name, links }) => {
    const { sequence, hash } = headOf('joint', id, links);
    return { ...from, chain: id, tag: name, sequence, head: hash };
  });
  return { status: 'ready', check: check.value, theirs };
}

/** A record of another shop, fetched and checked on this device. */
export function useImported(sha256: string) {
  const [imported, setImported] = useState<Imported>({ status: 'loading' });
  const [tries, setTries] = useState(0);
  useEffect(() => {
    let isOpen = true;
    void fetchImported(sha256).then((found) => isOpen && setImported(found));
    return () => {
      isOpen = false;
    };
  }, [sha256, tries]);
  const again = () => {
    setImported({ status: 'loading' });
    setTries(tries + 1);
  };
  return { imported, again };
}
