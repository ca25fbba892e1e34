import { useLocalSearchParams } from 'expo-router';
import { lazily } from '@/features/workbench/lazily';

const HoldScreen = lazily('HoldScreen');

export default function HoldPage() {
  const { job } = useLocalSearchParams<{ job: string }>();
  return <HoldScreen id={job} />;
}
