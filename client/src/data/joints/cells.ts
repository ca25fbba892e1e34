import type { JointView } from '@kesto/contract';
import { UNIT_KIND_WORDS } from '@kesto/contract/wording';
import type { TitleCells } from '@/ui/TitleBlock';
import { jointNumber } from '@/ui/JointOrder';

export function jointCells(joint: JointView): TitleCells {
  const place = joint.job.order.findIndex((j) => j.id === joint.id) + 1;
  return {
    here: 'joint',
    unit: { name: `${joint.unit.tag} ${UNIT_KIND_WORDS[joint.unit.kind]}`, href: `/units/${joint.unit.id}` },
    job: { number: joint.job.number, stage: joint.job.stage, began: joint.job.began, href: `/jobs/${joint.job.id}` },
    joint: { text: `${jointNumber(joint.tag)}, ${place} of ${joint.job.order.length}` },
  };
}
