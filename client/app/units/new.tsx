import { useLocalSearchParams } from 'expo-router';
import { lazily } from '@/features/workbench/lazily';

const NewUnitScreen = lazily('NewUnitScreen');

export default function Page() {
  const { site } = useLocalSearchParams<{ site?: string }>();
  return <NewUnitScreen site={site} />;
}
