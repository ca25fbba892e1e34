import { useLocalSearchParams } from 'expo-router';
import { lazily } from '@/features/workbench/lazily';

const WithJoint = lazily('WithJoint');
const RunScreen = lazily('RunScreen');

export default function Page() {
  const { joint } = useLocalSearchParams<{ joint: string }>();
  return <WithJoint id={joint}>{(found) => <RunScreen joint={found} />}</WithJoint>;
}
