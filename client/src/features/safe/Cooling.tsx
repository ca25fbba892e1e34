import { closing } from '@/features/stage/closing';
import { NoteForm } from '@/features/stage/NoteForm';
import type { StageWork } from '@/features/stage/useStage';

/** Where nobody may stop the cooling: what keeps it cold meanwhile. */
export function Cooling({ work, onKept }: { work: StageWork; onKept: () => void }) {
  return (
    <NoteForm
      keptAs={work.keptAs('cooling')}
      title="Temporary cooling"
      says="Where the cooling may not stop: arranged before the circuit is opened."
      fields={{ how: 'how it is kept cold' }}
      label="It is arranged"
      busy={work.busy}
      onKeep={({ how = '' }) => closing(onKept)(work.note('cooling-arranged', { how }))}
    />
  );
}
