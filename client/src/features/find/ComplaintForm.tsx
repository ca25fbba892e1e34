import { lastOf } from '@kesto/core';
import { NoteForm } from '@/features/stage/NoteForm';
import type { StageWork } from '@/features/stage/useStage';

export function ComplaintForm({ work, onKept }: { work: StageWork; onKept: () => void }) {
  const before = lastOf(work.facts, 'complaint')?.values.text ?? '';
  return (
    <NoteForm
      title="What is complained of"
      says="In the words of whoever called: what it does, since when, what was done before."
      fields={{ text: 'complaint' }}
      initial={{ text: before }}
      main
      label="Keep the complaint"
      busy={work.busy}
      onKeep={({ text = '' }) => void work.note('complaint', { text }).then((kept) => kept && onKept())}
    />
  );
}
