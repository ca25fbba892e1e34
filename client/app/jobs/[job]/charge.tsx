import { useLocalSearchParams } from 'expo-router';
import { lazily } from '@/features/workbench/lazily';

const ChargeScreen = lazily('ChargeScreen');

export default function ChargePage() {
  const { job } = useLocalSearchParams<{ job: string }>();
  return <ChargeScreen id={job} />;
}
