import type { JointView } from '@kesto/contract';
import { ENTRY_WORDS, entryRemarks } from '@kesto/contract/wording';
import { outOfTurn, readChain, unsettled } from '@kesto/core';
import { View } from 'react-native';
import { v7 as uuid } from 'uuid';
import { NoteForm } from '@/features/stage';
import { useIsLead } from '@/session/useIsLead';
import { useMe } from '@/session/useMe';
import { useWrite } from '@/outbox';
import { arrange } from '@/ui/arrange';
import { Failed } from '@/ui/states';
import { Words } from '@/ui/Words';
import { seenOf } from '@/data/joints/seenOf';
import { entryWrite } from '@/data/joints/writes';
import { WORDS } from './words';

/** Entries that came out of turn or were lit at a locked torch: their writer or a lead strikes out what does not count. */
export function Settle({ joint }: { joint: JointView }) {
  const me = useMe();
  const isLead = useIsLead();
  const { keep, busy, problem } = useWrite();
  const entries = readChain(joint.entries);
  const early = new Set(outOfTurn(entries).map(({ id }) => id));
  const open = unsettled(entries);
  const mayStrike = open.filter(({ person }) => isLead || person.id === me?.person.id);
  const strike = (entry: string, why: string) =>
    keep(
      entryWrite(joint.id, uuid(), {
        ...{ jobId: joint.job.id, kind: 'struck-out', deviceTime: new Date().toISOString(), values: {}, photos: [] },
        ...{ corrects: { entry, why }, seen: seenOf(joint) },
      }),
    );
  return (
    <View style={arrange.stack12}>
      {mayStrike.map(({ id, sequence, kind, values }) => (
        <View key={id} style={arrange.stack4}>
          <Words size={15} tone="amber">
            {WORDS.entry(
              sequence,
              ENTRY_WORDS[kind],
              entryRemarks({ kind, values, isOutOfTurn: early.has(id), struckOut: null, isErased: false }).join('; '),
            )}
          </Words>
          <NoteForm
            keptAs={`${joint.id}.strike.${id}`}
            title={WORDS.strikeOutEntry(sequence)}
            fields={{ why: 'why it does not count' }}
            label={WORDS.strikeItOut}
            busy={busy}
            onKeep={({ why = '' }) => strike(id, why)}
          />
        </View>
      ))}
      {problem ? <Failed message={problem.message} /> : null}
    </View>
  );
}
