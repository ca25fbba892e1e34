import { useLocalSearchParams } from 'expo-router';
import { lazily } from '@/features/workbench/lazily';

const UnitPlateScreen = lazily('UnitPlateScreen');

export default function Page() {
  const { unit } = useLocalSearchParams<{ unit: string }>();
  return <UnitPlateScreen id={unit} />;
}
