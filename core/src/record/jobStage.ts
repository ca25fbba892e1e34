import { isBefore, type Stage } from '../vocabulary/stage';
import type { JointState } from './state';

const AT_THE_TORCH: readonly JointState[] = ['planned', 'rework', 'sent-back'];

/** Where the joints alone have brought a job: planned until each has a plan, then brazed, looked at, and ready for the hold. */
export function stageByJoints(states: readonly JointState[]): Stage {
  const left = states.filter((state) => state !== 'cut-out');
  if (left.length === 0 || left.includes('not-planned')) return 'plan';
  if (left.some((state) => AT_THE_TORCH.includes(state))) return 'braze';
  return left.includes('brazed') ? 'look' : 'hold';
}

/**
 * The stage a job stands at.
 *
 * @param noted   the furthest stage that was noted of the job itself
 * @param states  of its joints, in any order
 * @returns       what was noted while the work lies before or beyond the joints, else where the joints are
 */
export function jobStage(noted: Stage, states: readonly JointState[]): Stage {
  if (isBefore(noted, 'plan')) return noted;
  const joints = stageByJoints(states);
  return isBefore(noted, joints) ? joints : noted;
}
