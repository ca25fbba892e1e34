import { useLocalSearchParams } from 'expo-router';
import { lazily } from '@/features/workbench/lazily';

const FoundScreen = lazily('FoundScreen');

export default function Page() {
  const params = useLocalSearchParams<Record<string, string>>();
  return <FoundScreen params={params} />;
}
