import { useLocalSearchParams } from 'expo-router';
import { lazily } from '@/features/workbench/lazily';

const JobScreen = lazily('JobScreen');

export default function JobPage() {
  const { job } = useLocalSearchParams<{ job: string }>();
  return <JobScreen id={job} />;
}
