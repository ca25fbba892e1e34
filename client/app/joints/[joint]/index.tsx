import { useLocalSearchParams } from 'expo-router';
import { WithJoint } from '@/features/joint/WithJoint';
import { lazily } from '@/features/workbench/lazily';

const JointScreen = lazily('JointScreen');

export default function Page() {
  const { joint } = useLocalSearchParams<{ joint: string }>();
  return <WithJoint id={joint}>{(found) => <JointScreen joint={found} />}</WithJoint>;
}
