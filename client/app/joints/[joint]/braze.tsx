import { useLocalSearchParams } from 'expo-router';
import { lazily } from '@/features/workbench/lazily';

const WithJoint = lazily('WithJoint');
const BrazeScreen = lazily('BrazeScreen');

export default function Page() {
  const { joint } = useLocalSearchParams<{ joint: string }>();
  return <WithJoint id={joint}>{(found) => <BrazeScreen joint={found} />}</WithJoint>;
}
