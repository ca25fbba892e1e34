import { useLocalSearchParams } from 'expo-router';
import { lazily } from '@/features/workbench/lazily';

const PullScreen = lazily('PullScreen');

export default function PullPage() {
  const { job, opens } = useLocalSearchParams<{ job: string; opens?: string }>();
  return <PullScreen id={job} opens={opens} />;
}
