import { useLocalSearchParams } from 'expo-router';
import { lazily } from '@/features/workbench/lazily';

const UnitScreen = lazily('UnitScreen');

export default function Page() {
  const { unit } = useLocalSearchParams<{ unit: string }>();
  return <UnitScreen id={unit} />;
}
