import { useLocalSearchParams } from 'expo-router';
import { lazily } from '@/features/workbench/lazily';

const PullScreen = lazily('PullScreen');

export default function PullPage() {
  const { job } = useLocalSearchParams<{ job: string }>();
  return <PullScreen id={job} />;
}
