import type { JobView } from '@kesto/contract';
import type { CircuitGraph } from '@kesto/core';
import { CircuitDrawing } from '@/drawing/circuit/CircuitDrawing';
import type { TubeFill } from '@/drawing/circuit/Tube';
import { useUnits } from '@/session/units';
import { useIsWide } from '@/ui/theme';

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
