import { lastOf } from '@kesto/core';
import { closing } from '@/data/stages/closing';
import { NoteForm } from '@/features/stage';
import type { StageWork } from '@/data/stages/useStage';

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
