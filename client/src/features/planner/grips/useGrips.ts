import type { JointPlan, UnitPreferences } from '@kesto/core';
import { useState } from 'react';
import type { Frame } from '@/drawing/joint/frame';
import type { GripEdits } from './Grips';
import { movedTo } from './moves';
import type { Planner } from '../usePlanner';

interface GripsOn {
  readonly planner: Planner;
  readonly plan: JointPlan;
  readonly units: UnitPreferences;
  readonly frame: Frame;
}

/** What is held and what it changes; the paper stands still under a handle until it is let go. */
export function useGrips({ planner, plan, units, frame }: GripsOn): { edits: GripEdits; held: Frame | null; selected: string | null } {
  const [selected, setSelected] = useState<string | null>(null);
  const [held, setHeld] = useState<Frame | null>(null);
  const edits: GripEdits = {
    selected,
    held: held === null ? null : selected,
    take: (key) => {
      setSelected(key);
      setHeld(frame);
    },
    move: (grip, mm, move) => planner.change(movedTo(planner.draft, grip, mm, { plan, units }), move),
    letGo: () => setHeld(null),
  };
  return { edits, held, selected };
}
