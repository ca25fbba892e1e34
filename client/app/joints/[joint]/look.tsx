import { useLocalSearchParams } from 'expo-router';
import { lazily } from '@/features/workbench/lazily';

const WithJoint = lazily('WithJoint');
const LookScreen = lazily('LookScreen');

export default function Page() {
  const { joint } = useLocalSearchParams<{ joint: string }>();
  return <WithJoint id={joint}>{(found) => <LookScreen joint={found} />}</WithJoint>;
}
