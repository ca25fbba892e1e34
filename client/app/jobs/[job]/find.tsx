import { useLocalSearchParams } from 'expo-router';
import { lazily } from '@/features/workbench/lazily';

const FindScreen = lazily('FindScreen');

export default function FindPage() {
  const { job } = useLocalSearchParams<{ job: string }>();
  return <FindScreen id={job} />;
}
