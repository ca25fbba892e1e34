import type { JointView } from '@kesto/contract';
import { useState } from 'react';
import { FlagLine } from '@/ui/Flag';
import { Words } from '@/ui/Words';
import { labelInAddress } from './labelInAddress';
import { WORDS } from './words';

/** Of a record that was opened by its label: whether it goes on from where the label says. */
export function LabelNote({ joint: { tag, entries } }: { joint: JointView }) {
  const [label] = useState(labelInAddress);
  if (!label) return null;
  if (label.tag !== tag) return <FlagLine stop letter="!" text={WORDS.otherTag(label.tag)} />;
  if (entries[label.sequence - 1]?.hash !== label.head) return <FlagLine stop letter="!" text={WORDS.isOther} />;
  return <Words bold>{label.sequence === entries.length ? WORDS.isNow : WORDS.wentOn(label.sequence, entries.length)}</Words>;
}
