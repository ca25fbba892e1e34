import { lastOf } from '@kesto/core';
import { closing } from '@/features/stage/closing';
import { NoteForm } from '@/features/stage/NoteForm';
import type { StageWork } from '@/features/stage/useStage';

export function ComplaintForm({ work, onKept }: { work: StageWork; onKept: () => void }) {
  const before = lastOf(work.facts, 'complaint')?.values.text ?? '';
  return (
    <NoteForm
      keptAs={work.keptAs('complaint')}
      title="What is complained of"
      says="In the words of whoever called: what it does, since when, what was done before."
      fields={{ text: 'complaint' }}
      initial={{ text: before }}
      main
      label="Keep the complaint"
      busy={work.busy}
      onKeep={({ text = '' }) => closing(onKept)(work.note('complaint', { text }))}
    />
  );
}
