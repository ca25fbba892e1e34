import { useEffect, useState } from 'react';
import { useLazyContinuedQuery, useSealQuery } from '@/data/seal/api';
import { openCheck } from '@/signing';
import { keepChoice } from '@/state/keptChoice';
import { AFTER_OWN_WORK_MS } from '@/state/ownWork';
import { WORDS } from './words';

/** The last tree head this device saw of a shop. */
interface Seen {
  readonly epoch: number;
  readonly size: number;
  readonly root: string;
}

const keptAs = (shop: string) => `kesto.tree.${shop}`;

function seenOf(shop: string): Seen | null {
  try {
    const found = JSON.parse(globalThis.localStorage?.getItem(keptAs(shop)) ?? 'null') as unknown;
    return typeof found === 'object' && found !== null && 'size' in found && 'root' in found && 'epoch' in found ? (found as Seen) : null; // cast: kept below alone
  } catch {
    return null;
  }
}

/** At each contact the tree that this device saw last has to be the beginning of the one there is; what is wrong with it, in a sentence. */
export function useSeenTree(shop: string): string | null {
  const { data } = useSealQuery();
  const [prove] = useLazyContinuedQuery();
  const [wrong, setWrong] = useState<string | null>(null);
  const head = data?.treeHead ?? null;
  useEffect(() => {
    async function compare(): Promise<void> {
      if (!head) return;
      const seen = seenOf(shop);
      const keep = () => keepChoice(keptAs(shop), JSON.stringify({ epoch: head.epoch, size: head.size, root: head.root }));
      if (!seen) return keep();
      if (head.epoch > seen.epoch) {
        keep();
        return setWrong(WORDS.restored);
      }
      if (head.size < seen.size) return setWrong(WORDS.broken(seen.size, head.size));
      if (head.size === seen.size && head.root === seen.root) return;
      const { isContinued, isSignedHead } = await openCheck();
      const answer = await prove(seen.size);
      if (!answer.data) return;
      const { treeHead, continued } = answer.data;
      const holds = isSignedHead(treeHead) && isContinued(seen, treeHead, continued.proof);
      if (holds) keep();
      else setWrong(WORDS.broken(seen.size, treeHead.size));
    }
    // What checks it weighs more than the first screen. What cannot be asked then is asked at the next contact.
    const later = setTimeout(() => void compare().catch(() => undefined), AFTER_OWN_WORK_MS);
    return () => clearTimeout(later);
  }, [head, shop, prove]);
  return wrong;
}
