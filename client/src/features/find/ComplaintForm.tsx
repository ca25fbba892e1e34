import { lastOf } from '@kesto/core';
import { closing } from '@/data/stages/closing';
import { NoteForm } from '@/features/stage';
import type { StageWork } from '@/data/stages/useStage';
import { WORDS } from './words';

export function ComplaintForm({ work, onKept }: { work: StageWork; onKept: () => void }) {
  const before = lastOf(work.facts, 'complaint')?.values.text ?? '';
  return (
    <NoteForm
      keptAs={work.keptAs('complaint')}
      title={WORDS.whatIsComplainedOf}
      says={WORDS.inTheWordsOf}
      fields={{ text: WORDS.complaintLabel }}
      initial={{ text: before }}
      main
      label={WORDS.keepTheComplaint}
      busy={work.busy}
      onKeep={({ text = '' }) => closing(onKept)(work.note('complaint', { text }))}
    />
  );
}
