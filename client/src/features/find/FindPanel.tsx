import type { JobView } from '@kesto/contract';
import type { CircuitGraph } from '@kesto/core';
import { Leaving, NoteForm } from '@/features/stage';
import { closing } from '@/data/stages/closing';
import type { StageWork } from '@/data/stages/useStage';
import { ComplaintForm } from './ComplaintForm';
import { HoldForm } from './HoldForm';
import { LossForm } from './LossForm';
import { PlaceForm } from './PlaceForm';
import { ReadingsForm } from './ReadingsForm';
import { WORDS } from './words';

/** What is being noted on the sheet. */
export type Panel =
  | { readonly form: 'complaint' | 'loss' | 'readings' | 'leave' }
  | { readonly form: 'place'; readonly place: string }
  | { readonly form: 'hold'; readonly parts: readonly string[]; readonly volumeL: number };

interface FindPanelProps {
  readonly panel: Panel;
  readonly job: JobView;
  readonly graph: CircuitGraph | null;
  readonly work: StageWork;
  readonly nameOf: (place: string) => string;
  readonly onKept: () => void;
}

/** The form that is open over the sheet. */
export function FindPanel({ panel, job, graph, work, nameOf, onKept }: FindPanelProps) {
  switch (panel.form) {
    case 'place':
      return <PlaceForm key={panel.place} place={panel.place} name={nameOf(panel.place)} work={work} onKept={onKept} />;
    case 'hold':
      return graph === null ? null : (
        <HoldForm
          key={panel.parts.join('+')}
          job={job}
          graph={graph}
          parts={panel.parts}
          volumeL={panel.volumeL}
          nameOf={nameOf}
          work={work}
          onKept={onKept}
        />
      );
    case 'complaint':
      return <ComplaintForm work={work} onKept={onKept} />;
    case 'loss':
      return <LossForm job={job} work={work} onKept={onKept} />;
    case 'readings':
      return <ReadingsForm job={job} graph={graph} work={work} onKept={onKept} />;
    case 'leave':
      return (
        <Leaving work={work} skipSays={WORDS.whereTheLeakIs} onKept={onKept}>
          <NoteForm
            keptAs={work.keptAs('stopped-looking')}
            title={WORDS.stopLooking}
            says={WORDS.whereNoMoreCan}
            fields={{ reason: 'why no further' }}
            label={WORDS.stopLooking}
            busy={work.busy}
            onKeep={({ reason = '' }) => closing(onKept)(work.note('stopped-looking', { reason }))}
          />
        </Leaving>
      );
  }
}
