import { useLocalSearchParams } from 'expo-router';
import { lazily } from '@/features/workbench/lazily';

const WithJoint = lazily('WithJoint');
const JointScreen = lazily('JointScreen');

export default function Page() {
  const { joint, as } = useLocalSearchParams<{ joint: string; as?: string }>();
  return <WithJoint id={joint}>{(found) => <JointScreen joint={found} asLast={as === 'last'} />}</WithJoint>;
}
