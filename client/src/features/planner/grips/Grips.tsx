import type { JointPlan, UnitPreferences } from '@kesto/core';
import { sectionOf } from '@kesto/core/section';
import { gripsOf, stepOf, type Grip } from './moves';
import type { Frame } from '@/drawing/joint/frame';
import { GripHandle } from './GripHandle';
import { gripPlace } from './gripPlace';

export interface GripEdits {
  readonly selected: string | null;
  readonly held: string | null;
  readonly take: (key: string) => void;
  readonly move: (grip: Grip, mm: number, move: string) => void;
  readonly letGo: () => void;
}

/** Handles laid over the drawing: the depth, each part near by, both edges of each wrap. */
export function Grips({ plan, units, frame, edits }: { plan: JointPlan; units: UnitPreferences; frame: Frame; edits: GripEdits }) {
  const joint = sectionOf(plan);
  const parts = plan.protection.length;
  return gripsOf({ plan, units }).map((placed) => {
    const at = gripPlace(placed, { joint, frame, parts, held: edits.held });
    if (!at) return null;
    const { grip } = placed;
    return (
      <GripHandle
        key={placed.key}
        placed={placed}
        at={at}
        pixelsPerMm={frame.scale}
        stepMm={stepOf(grip, units)}
        selected={placed.key === edits.selected}
        alarmed={grip.kind === 'part' && plan.protection[grip.index]?.verdict === 'too-hot'}
        onTake={() => edits.take(placed.key)}
        onMove={(mm, move) => edits.move(grip, mm, move)}
        onLetGo={edits.letGo}
      />
    );
  });
}
