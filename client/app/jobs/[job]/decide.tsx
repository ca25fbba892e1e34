import { useLocalSearchParams } from 'expo-router';
import { lazily } from '@/features/workbench/lazily';

const DecideScreen = lazily('DecideScreen');

export default function DecidePage() {
  const { job } = useLocalSearchParams<{ job: string }>();
  return <DecideScreen id={job} />;
}
