import { useEffect, useState } from 'react';
import { errorText } from '@/api/api';
import { useReadLabelMutation } from '@/data/labels/api';
import { Words } from '@/ui/Words';
import { jointInAddress, labelInAddress } from './labelInAddress';
import { WORDS } from './words';

/** To whoever scanned a label and is not signed in: whether a shop here knows it, and no more. */
export function StrangerNote() {
  const [label] = useState(labelInAddress);
  const [joint] = useState(jointInAddress);
  const [ask, { data, error }] = useReadLabelMutation();
  useEffect(() => {
    if (label && joint !== '') void ask({ joint, sequence: label.sequence, head: label.head });
  }, [ask, label, joint]);
  if (!label || joint === '') return null;
  if (error) return <Words tone="amber">{errorText(error)}</Words>;
  if (!data) return <Words tone="ink2">{WORDS.asking}</Words>;
  return <Words tone={data.known ? 'ink' : 'amber'}>{data.known ? WORDS.known(label.tag) : WORDS.unknown(label.tag)}</Words>;
}
