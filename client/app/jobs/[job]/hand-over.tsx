import { useLocalSearchParams } from 'expo-router';
import { lazily } from '@/features/workbench/lazily';

const HandOverScreen = lazily('HandOverScreen');

export default function HandOverPage() {
  const { job } = useLocalSearchParams<{ job: string }>();
  return <HandOverScreen id={job} />;
}
