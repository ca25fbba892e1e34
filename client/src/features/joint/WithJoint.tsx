import type { JointView } from '@kesto/contract';
import type { ReactElement } from 'react';
import { View } from 'react-native';
import { errorText } from '@/api/api';
import { Failed, Loading } from '@/ui/states';
import { useJointQuery } from './api';

/** A screen that needs one joint: shows it once it is there, says so while it is not. */
export function WithJoint({ id, children }: { id: string; children: (joint: JointView) => ReactElement }) {
  const joint = useJointQuery(id);
  if (joint.data) return children(joint.data);
  return (
    <View role="main" style={{ flex: 1, justifyContent: 'center', padding: 24 }}>
      {joint.error ? <Failed message={errorText(joint.error)} onRetry={() => void joint.refetch()} /> : <Loading what="the joint" />}
    </View>
  );
}
