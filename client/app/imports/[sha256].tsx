import { useLocalSearchParams } from 'expo-router';
import { lazily } from '@/features/workbench/lazily';

const ImportScreen = lazily('ImportScreen');

export default function Page() {
  const { sha256 } = useLocalSearchParams<{ sha256: string }>();
  return <ImportScreen key={sha256} sha256={sha256} />;
}
