import { useLocalSearchParams } from 'expo-router';
import { lazily } from '@/features/workbench/lazily';

const SafeScreen = lazily('SafeScreen');

export default function SafePage() {
  const { job } = useLocalSearchParams<{ job: string }>();
  return <SafeScreen id={job} />;
}
