import type { JointView } from '@kesto/contract';
import { ENTRY_WORDS } from '@kesto/contract/wording';
import { correctedEntry, type EntryKind, type JointEntry, readChain, readEntry, valuesNow } from '@kesto/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { v7 as uuid } from 'uuid';
import { PutRight } from '@/features/putRight';
import { useIsLead } from '@/session/useIsLead';
import { useMayMake } from '@/session/useMayMake';
import { useMe } from '@/session/useMe';
import { useWrite } from '@/outbox';
import { arrange } from '@/ui/arrange';
import { FrameKey } from '@/ui/Buttons';
import { Failed } from '@/ui/states';
import { seenOf } from '@/data/joints/seenOf';
import { entryWrite } from '@/data/joints/writes';
import { WORDS } from './words';

/** A frozen plan is not put right, nor what puts another entry right. */
const STANDS: readonly EntryKind[] = ['planned', 'goes-on-from', 'corrected', 'struck-out'];

/** Whoever wrote an entry, or a lead, puts it right: by an entry of its own that names it. */
export function EntryRight({ joint, entry }: { joint: JointView; entry: JointEntry }) {
  const me = useMe();
  const isLead = useIsLead();
  const mayMake = useMayMake();
  const [open, setOpen] = useState(false);
  const { keep, busy, problem } = useWrite();
  const entries = readChain(joint.entries);
  const isStruck = entries.some(({ kind, corrects }) => kind === 'struck-out' && corrects?.entry === entry.id);
  const mayPut = (mayMake && entry.person.id === me?.person.id) || isLead;
  if (!mayPut || isStruck || STANDS.includes(entry.kind)) return null;
  async function put(kind: 'corrected' | 'struck-out', values: Readonly<Record<string, unknown>>, why: string): Promise<boolean> {
    const asked = entryWrite(joint.id, uuid(), {
      ...{ jobId: joint.job.id, kind, values, photos: [], deviceTime: new Date().toISOString() },
      ...{ corrects: { entry: entry.id, why }, seen: seenOf(joint) },
    });
    const anewOf = correctedEntry(joint.entries.map(readEntry), entry.id)?.kind;
    const isSafe = await keep(kind === 'corrected' && anewOf ? { ...asked, anewOf } : asked);
    if (isSafe) setOpen(false);
    return isSafe;
  }
  return (
    <View style={arrange.atStart}>
      <FrameKey
        quiet
        label={open ? WORDS.close : WORDS.putRight}
        says={WORDS.entryAs(open, entry.sequence, ENTRY_WORDS[entry.kind])}
        onPress={() => setOpen(!open)}
      />
      {open ? (
        <View style={styles.whole}>
          <PutRight
            keptAs={`${joint.id}.right.${entry.id}`}
            kind={entry.kind}
            values={valuesNow(entries, entry)}
            busy={busy}
            onCorrect={(values, why) => put('corrected', values, why)}
            onStrike={(why) => put('struck-out', {}, why)}
          />
          {problem ? <Failed message={problem.message} /> : null}
        </View>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  whole: { alignSelf: 'stretch' },
});
