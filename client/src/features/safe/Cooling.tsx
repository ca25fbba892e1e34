import { closing } from '@/data/stages/closing';
import { NoteForm } from '@/features/stage';
import type { StageWork } from '@/data/stages/useStage';
import { WORDS } from './words';

/** Where nobody may stop the cooling: what keeps it cold meanwhile. */
export function Cooling({ work, onKept }: { work: StageWork; onKept: () => void }) {
  return (
    <NoteForm
      keptAs={work.keptAs('cooling')}
      title={WORDS.temporaryCooling}
      says={WORDS.whereTheCoolingMay}
      fields={{ how: 'how it is kept cold' }}
      label={WORDS.itIsArranged}
      busy={work.busy}
      onKeep={({ how = '' }) => closing(onKept)(work.note('cooling-arranged', { how }))}
    />
  );
}
