import { CheckedFile } from '@/features/verify';
import { useMayMake } from '@/session/useMayMake';
import { Sheet } from '@/ui/Sheet';
import { Failed, Loading } from '@/ui/states';
import { saveFrom } from '@/api/saveFrom';
import { addressOf } from '@/api/call';
import { useState } from 'react';
import { GoOn } from './GoOn';
import { useImported } from './useImported';
import { WORDS } from './words';

/** One record of another shop: what it says, whether it holds, and how work here goes on from it. */
export function ImportScreen({ sha256 }: { sha256: string }) {
  const { imported, again } = useImported(sha256);
  const mayMake = useMayMake();
  const [unsaved, setUnsaved] = useState<string | null>(null);
  const theirs = imported.status === 'ready' ? imported.theirs : [];
  const isJob = imported.status === 'ready' && imported.check.of === 'job';
  const name = `${theirs[0]?.tag ?? 'record'}.${isJob ? 'zip' : 'json'}`;
  return (
    <Sheet
      tag={theirs.length === 1 ? (theirs[0]?.tag ?? WORDS.tag) : WORDS.tag}
      title={theirs[0]?.shopName ?? WORDS.title}
      subtitle={theirs.length > 1 ? WORDS.joints(theirs.map(({ tag }) => tag)) : WORDS.asItCame}
      up={{ label: WORDS.tag, href: '/imports' }}
      cells={{ here: 'verify' }}
      action={{
        label: WORDS.give,
        disabled: imported.status !== 'ready',
        onPress: () => void saveFrom(addressOf('importedFile', { sha256 }), name).then(setUnsaved),
      }}
      aside={mayMake && theirs.length > 0 ? <GoOn theirs={theirs} /> : undefined}
    >
      {unsaved ? <Failed message={unsaved} /> : null}
      {imported.status === 'loading' ? <Loading what={WORDS.fetching} /> : null}
      {imported.status === 'failed' ? <Failed message={imported.message} onRetry={again} /> : null}
      {imported.status === 'ready' ? <CheckedFile file={imported.check} /> : null}
    </Sheet>
  );
}
