import type { JobView } from '@kesto/contract';
import {
  BEND_ROWS,
  bendPoint,
  BENDS,
  bendsOf,
  isKeptStage,
  openBendPoints,
  otherRosePa,
  type AcidResult,
  type Bend,
  type BendPoint,
  type KeptStage,
  type Quantity,
} from '@kesto/core';
import { useStage } from '@/data/stages/useStage';

/** How a point is answered. */
export interface BendSaid {
  readonly answer: 'done' | 'none-here';
  readonly note?: string;
  readonly reads?: Quantity;
  readonly result?: AcidResult;
}

/** In which stage it is noted: where the job stands, or the next that is kept. */
const stageOf = ({ stage }: JobView): KeptStage => (isKeptStage(stage) ? stage : 'hold');

/** What bends a job, with its points as they stand. */
export function useBends(job: JobView) {
  const work = useStage(job, stageOf(job));
  const { facts } = work;
  const begun = bendsOf(facts);
  return {
    work,
    rosePa: otherRosePa(facts),
    bends: begun.map((bend) => {
      const open = openBendPoints(facts, bend);
      const points = BEND_ROWS[bend].map((row) => ({
        ...row,
        said: bendPoint(facts, bend, row.point),
        isOpen: open.some(({ point }) => point === row.point),
      }));
      return { bend, open: open.length, points };
    }),
    others: BENDS.filter((bend) => !begun.includes(bend)),
    begin: (bend: Bend) => work.note('bend-began', { bend }),
    leave: (bend: Bend, why: string) => work.note('bend-left', { bend, why }),
    answer: (bend: Bend, point: BendPoint, said: BendSaid, photos: readonly string[] = []) =>
      work.note('bend-point', { bend, point, ...said }, photos),
  };
}
export type BendsWork = ReturnType<typeof useBends>;
