import type { JointView } from '@kesto/contract';
import type { ReactNode } from 'react';
import { Fetched } from '@/api/Fetched';
import { useJoint } from './useJoint';

/** A screen that needs one joint. */
export function WithJoint({ id, children }: { id: string; children: (joint: JointView) => ReactNode }) {
  return (
    <Fetched query={useJoint(id)} what="the joint">
      {children}
    </Fetched>
  );
}
