import type { JobView } from '@kesto/contract';
import type { CircuitGraph } from '@kesto/core';
import { useState, type ReactNode } from 'react';
import { CircuitDrawing } from '@/drawing/circuit/CircuitDrawing';
import type { TubeFill } from '@/drawing/circuit/Tube';
import { jobCells } from '@/data/jobs/cells';
import type { StageWork } from '@/data/stages/useStage';
import { Leaving } from '@/features/stage';
import { useUnits } from '@/session/units';
import { Sheet, type SheetAction } from '@/ui/Sheet';
import { Failed } from '@/ui/states';
import { useIsWide } from '@/ui/theme';
import { WORDS } from './words';

interface HoldSheetProps {
  readonly job: JobView;
  readonly work: StageWork;
  /** Null for whoever may not. */
  readonly action: SheetAction | null;
  readonly why?: string | undefined;
  readonly aside: ReactNode;
  readonly children: ReactNode;
}

/** The stage's sheet while nothing is watched: its one action, and how the stage is left. */
export function HoldSheet({ job, work, action, why, aside, children }: HoldSheetProps) {
  const [leaving, setLeaving] = useState(false);
  return (
    <Sheet
      tag={job.unit.tag}
      title={WORDS.title}
      subtitle={`job ${job.number}, ${job.title}`}
      up={{ label: `job ${job.number}`, href: `/jobs/${job.id}` }}
      cells={jobCells(job)}
      action={leaving ? undefined : (action ?? undefined)}
      round={work.mayMake ? { label: leaving ? 'close' : 'more', pressed: leaving, onPress: () => setLeaving(!leaving) } : undefined}
      why={why}
      over={leaving ? <Leaving work={work} skipSays={WORDS.skipSays} onKept={() => setLeaving(false)} /> : null}
      overOpen={leaving}
      aside={aside}
    >
      {work.problem ? <Failed message={work.problem} /> : null}
      {children}
    </Sheet>
  );
}

interface HeldDrawingProps {
  readonly job: JobView;
  readonly graph: CircuitGraph;
  readonly held: readonly string[];
  readonly fill: TubeFill;
  readonly maxHeight: { readonly wide: number; readonly phone: number };
}

/** The circuit with the section that is held, up to the valves that part it. */
export function HeldDrawing({ job, graph, held, fill, maxHeight }: HeldDrawingProps) {
  const wide = useIsWide();
  const units = useUnits();
  return (
    <CircuitDrawing
      graph={graph}
      upright={!wide}
      maxHeight={wide ? maxHeight.wide : maxHeight.phone}
      units={units}
      joints={job.order}
      fillOf={({ from, to }) => (held.includes(from) || held.includes(to) ? fill : 'emptied')}
      partFillOf={(id) => (held.includes(id) ? fill : 'emptied')}
    />
  );
}
