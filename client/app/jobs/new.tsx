import { useLocalSearchParams } from 'expo-router';
import { lazily } from '@/features/workbench/lazily';

const OpenJobScreen = lazily('OpenJobScreen');

export default function Page() {
  const { unit } = useLocalSearchParams<{ unit?: string }>();
  return <OpenJobScreen key={unit ?? 'none'} unitId={unit ?? null} />;
}
