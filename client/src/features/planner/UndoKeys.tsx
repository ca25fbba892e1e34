import { FrameKey } from '@/ui/Buttons';
import type { Planner } from './usePlanner';

/** Back and forward through what was changed; shown once there is something to go back to. */
export function UndoKeys({ planner }: { planner: Planner }) {
  if (!planner.undo && !planner.redo) return null;
  return (
    <>
      <FrameKey label="undo" disabled={!planner.undo} onPress={() => planner.undo?.()} />
      <FrameKey label="redo" disabled={!planner.redo} onPress={() => planner.redo?.()} />
    </>
  );
}
