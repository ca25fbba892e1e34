import type { JointView } from '@kesto/contract';
import type { ReactNode } from 'react';
import { Fetched } from '@/api/Fetched';
import { useJointQuery } from './api';

/** A screen that needs one joint. */
export function WithJoint({ id, children }: { id: string; children: (joint: JointView) => ReactNode }) {
  return (
    <Fetched query={useJointQuery(id)} what="the joint">
      {children}
    </Fetched>
  );
}
