import { useLocalSearchParams } from 'expo-router';
import { lazily } from '@/features/workbench/lazily';

const BendsScreen = lazily('BendsScreen');

export default function Page() {
  const { job } = useLocalSearchParams<{ job: string }>();
  return <BendsScreen id={job} />;
}
