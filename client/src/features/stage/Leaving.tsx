import { useRouter } from 'expo-router';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { useIsLead } from '@/session/useIsLead';
import { arrange } from '@/ui/arrange';
import { FrameKey } from '@/ui/Buttons';
import { Words } from '@/ui/Words';
import { closing } from '@/data/stages/closing';
import { bendsHref } from '@/data/stages/stageHref';
import { Gate } from './Gate';
import { NoteForm } from './NoteForm';
import type { StageWork } from '@/data/stages/useStage';
import { WORDS } from './words';

interface LeavingProps {
  readonly work: StageWork;
  readonly skipSays: string;
  readonly onKept: () => void;
  /** What may be kept on leaving this very stage. */
  readonly children?: ReactNode;
}

/** What keeps a stage from being done, and how it is overruled, skipped or opened again: each with its reason. */
export function Leaving({ work, skipSays, onKept, children }: LeavingProps) {
  const { note, keptAs, busy, gates, state } = work;
  const isLead = useIsLead();
  const router = useRouter();
  const protects = gates.some((gate) => gate.protectsPeople);
  const then = closing(onKept);
  if (state !== 'open')
    return (
      <NoteForm
        keptAs={keptAs('reopened')}
        title={WORDS.thisStageIs(state)}
        fields={{ why: 'why it is opened again' }}
        label={WORDS.openItAgain}
        busy={busy}
        onKeep={({ why = '' }) => then(note('reopened', { why }))}
      />
    );
  return (
    <View style={arrange.stack18}>
      {gates.map((gate) => (
        <Gate
          key={gate.gate}
          keptAs={keptAs(`overruled.${gate.gate}`)}
          gate={gate}
          isLead={isLead}
          busy={busy}
          beside={{ job: work.job, stage: work.stage, onKept }}
          onOverrule={(values) => then(note('overruled', values))}
        />
      ))}
      {children}
      <FrameKey quiet label={WORDS.bends} onPress={() => router.push(bendsHref(work.job.id))} />
      <NoteForm
        keptAs={keptAs('left-waiting')}
        title={WORDS.waitForSomebody}
        fields={{ what: 'what it waits for', forWhom: 'for whom' }}
        label={WORDS.itWaits}
        busy={busy}
        onKeep={({ what = '', forWhom = '' }) => then(note('waiting', { what, forWhom }))}
      />
      {protects && !isLead ? (
        <Words size={15} tone="ink2">
          {WORDS.thisStageProtectsPeople}
        </Words>
      ) : (
        <NoteForm
          keptAs={keptAs('skipped')}
          title={WORDS.skipThisStage}
          says={skipSays}
          fields={{ reason: 'why it is skipped' }}
          label={WORDS.skipIt}
          busy={busy}
          onKeep={({ reason = '' }) => then(note('skipped', { reason }))}
        />
      )}
    </View>
  );
}
