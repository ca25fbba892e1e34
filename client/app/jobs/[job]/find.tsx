import { useLocalSearchParams } from 'expo-router';
import { lazily } from '@/features/workbench/lazily';

const FindScreen = lazily('FindScreen');

export default function FindPage() {
  const { job, opens } = useLocalSearchParams<{ job: string; opens?: string }>();
  return <FindScreen id={job} opens={opens} />;
}
