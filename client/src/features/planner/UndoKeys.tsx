import { FrameKey } from '@/ui/Buttons';
import type { Planner } from './usePlanner';
import { WORDS } from './words';

/** Back and forward through what was changed; shown once there is something to go back to. */
export function UndoKeys({ planner }: { planner: Planner }) {
  if (!planner.undo && !planner.redo) return null;
  return (
    <>
      <FrameKey label={WORDS.undo} disabled={!planner.undo} onPress={() => planner.undo?.()} />
      <FrameKey label={WORDS.redo} disabled={!planner.redo} onPress={() => planner.redo?.()} />
    </>
  );
}
