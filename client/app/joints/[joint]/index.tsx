import { useLocalSearchParams } from 'expo-router';
import { WithJoint } from '@/features/joint/WithJoint';
import { JointScreen } from '@/features/joint/JointScreen';

export default function Page() {
  const { joint } = useLocalSearchParams<{ joint: string }>();
  return <WithJoint id={joint}>{(found) => <JointScreen joint={found} />}</WithJoint>;
}
