import { useLocalSearchParams } from 'expo-router';
import { lazily } from '@/features/workbench/lazily';

const JobSchoolsScreen = lazily('JobSchoolsScreen');

export default function JobSchoolsPage() {
  const { job } = useLocalSearchParams<{ job: string }>();
  return <JobSchoolsScreen id={job} />;
}
