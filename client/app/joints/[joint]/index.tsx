import { useLocalSearchParams } from 'expo-router';
import { lazily } from '@/features/workbench/lazily';

const WithJoint = lazily('WithJoint');
const JointScreen = lazily('JointScreen');

export default function Page() {
  const { joint } = useLocalSearchParams<{ joint: string }>();
  return <WithJoint id={joint}>{(found) => <JointScreen joint={found} />}</WithJoint>;
}
