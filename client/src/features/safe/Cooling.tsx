import { closing } from '@/data/stages/closing';
import { NoteForm } from '@/features/stage';
import type { StageWork } from '@/data/stages/useStage';

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
