import { useLocalSearchParams } from 'expo-router';
import { lazily } from '@/features/workbench/lazily';

const OrderScreen = lazily('OrderScreen');

export default function Page() {
  const { job } = useLocalSearchParams<{ job: string }>();
  return <OrderScreen id={job} />;
}
