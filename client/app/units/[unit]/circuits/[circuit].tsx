import { useLocalSearchParams } from 'expo-router';
import { lazily } from '@/features/workbench/lazily';

const Circuit = lazily('CircuitScreen');

export default function CircuitPage() {
  const { unit, circuit } = useLocalSearchParams<{ unit: string; circuit: string }>();
  return <Circuit unitId={unit} circuitId={circuit} />;
}
