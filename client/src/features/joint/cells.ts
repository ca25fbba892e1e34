import type { JointView } from '@kesto/contract';
import type { TitleCells } from '@/ui/TitleBlock';
import { jointNumber } from '@/ui/JointOrder';

export function jointCells(joint: JointView): TitleCells {
  const place = joint.job.order.findIndex((j) => j.id === joint.id) + 1;
  return {
    here: 'joint',
    unit: { name: `${joint.unit.tag} ${joint.unit.kind}` },
    job: { number: joint.job.number, stage: joint.job.stage, href: `/jobs/${joint.job.id}` },
    joint: { text: `${jointNumber(joint.tag)}, ${place} of ${joint.job.order.length}` },
  };
}
