import { useLocalSearchParams } from 'expo-router';
import { lazily } from '@/features/workbench/lazily';

const SetUpScreen = lazily('SetUpScreen');

export default function Page() {
  const { job } = useLocalSearchParams<{ job: string }>();
  return <SetUpScreen id={job} />;
}
