import { useLocalSearchParams } from 'expo-router';
import { lazily } from '@/features/workbench/lazily';

const KitScreen = lazily('KitScreen');

export default function Page() {
  const { job } = useLocalSearchParams<{ job: string }>();
  return <KitScreen id={job} />;
}
