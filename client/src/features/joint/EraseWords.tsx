import type { EraseRequest, JointView } from '@kesto/contract';
import { ENTRY_WORDS } from '@kesto/contract/wording';
import { commitmentsIn, isLedgerLink, readEntry } from '@kesto/core';
import { useState } from 'react';
import { View } from 'react-native';
import { v7 as uuid } from 'uuid';
import { errorText } from '@/api/api';
import { useMe } from '@/session/useMe';
import { NoteForm } from '@/features/stage';
import { arrange } from '@/ui/arrange';
import { Choice, FrameKey } from '@/ui/Buttons';
import { Failed } from '@/ui/states';
import { Words } from '@/ui/Words';
import { useEraseMutation } from '@/data/joints/api';
import { WORDS } from './words';

const WHAT = [
  { value: 'words', label: 'what it says' },
  { value: 'name', label: 'who wrote it' },
] as const;

/** An admin takes words or a name out of the record for good; the chain says so and goes on holding. */
export function EraseWords({ joint }: { joint: JointView }) {
  const me = useMe();
  const [isOpen, setIsOpen] = useState(false);
  const [entry, setEntry] = useState<string | null>(null);
  const [what, setWhat] = useState<EraseRequest['what']>('words');
  const [erase, { isLoading, error }] = useEraseMutation();
  const holding = joint.entries.filter((link) => isLedgerLink(link) && commitmentsIn(link.content).some((word) => word in link.beside));
  if (me?.person.role !== 'admin' || holding.length === 0) return null;
  if (!isOpen) return <FrameKey label={WORDS.eraseWords} onPress={() => setIsOpen(true)} />;
  const entries = holding.map(readEntry);
  const chosen = entry ?? entries[0]?.id ?? '';
  const keep = async (why: string) => {
    const answer = await erase({ joint: joint.id, id: uuid(), body: { entry: chosen, what, why } });
    if (!answer.error) setIsOpen(false);
    return !answer.error;
  };
  return (
    <View style={arrange.stack8}>
      <NoteForm
        keptAs={`${joint.id}.erase`}
        title={WORDS.eraseWordsForGood}
        says={WORDS.onlyWhereSomebodyMay}
        fields={{ why: 'why' }}
        label={WORDS.eraseThem}
        busy={isLoading}
        onKeep={({ why = '' }) => keep(why)}
      >
        <Choice
          label={WORDS.ofWhichEntry}
          value={chosen}
          onChange={setEntry}
          options={entries.map(({ id, sequence, kind }) => ({ value: id, label: `${sequence} ${ENTRY_WORDS[kind]}` }))}
        />
        <Choice label={WORDS.what} value={what} onChange={setWhat} options={[...WHAT]} />
      </NoteForm>
      <Words size={14} tone="ink2">
        {WORDS.entriesFromBeforeFormat3}
      </Words>
      {error ? <Failed message={errorText(error)} /> : null}
    </View>
  );
}
