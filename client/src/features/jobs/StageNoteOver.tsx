import type { JobView } from '@kesto/contract';
import { STAGE_WORDS } from '@kesto/contract/wording/stages';
import type { Stage } from '@kesto/core';
import { format } from 'date-fns/format';
import { View } from 'react-native';
import { v7 as uuid } from 'uuid';
import { useMayMake } from '@/session/useMayMake';
import { NoteForm } from '@/features/stage';
import { useWrite } from '@/outbox';
import { Overlay } from '@/ui/Overlay';
import { Failed } from '@/ui/states';
import { Words } from '@/ui/Words';
import { jobEntryWrite } from '@/data/jobs/writes';
import { WORDS } from './words';

/** A stage without a sheet of its own says so, and takes a note. */
export function StageNoteOver({ job, stage, onClose }: { job: JobView; stage: Stage | null; onClose: () => void }) {
  const mayMake = useMayMake();
  const { keep, busy, problem } = useWrite();
  if (stage === null) return null;
  const name = STAGE_WORDS[stage];
  return (
    <Overlay open title={name.replace(/^./, (c) => c.toUpperCase())} label={WORDS.stage(name)} onClose={onClose}>
      <Words size={15} tone="ink2">
        {WORDS.thisStageHasNoSheet}
      </Words>
      {(job.stageNotes ?? [])
        .filter(({ of }) => of === stage)
        .map(({ id, text, by, at }) => (
          <View key={id}>
            <Words size={15}>{text}</Words>
            <Words size={14} tone="ink2">
              {by}, {format(new Date(at), 'd MMM yyyy, HH:mm')}
            </Words>
          </View>
        ))}
      {mayMake ? (
        <NoteForm
          keptAs={`${job.id}.${stage}.note`}
          title={WORDS.noteWhatWasDone}
          fields={{ text: WORDS.whatWasDoneAnd }}
          label={WORDS.keepThisNote}
          busy={busy}
          onKeep={({ text = '' }) => keep(jobEntryWrite(job.id, uuid(), { kind: 'stage-note', values: { of: stage, text } }))}
        />
      ) : null}
      {problem ? <Failed message={problem.message} /> : null}
    </Overlay>
  );
}
