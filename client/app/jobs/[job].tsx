import { useLocalSearchParams } from 'expo-router';
import { JobScreen } from '@/features/jobs/JobScreen';

export default function JobPage() {
  const { job } = useLocalSearchParams<{ job: string }>();
  return <JobScreen id={job} />;
}
