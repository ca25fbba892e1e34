import type { JobView } from '@kesto/contract';
import { useRouter } from 'expo-router';
import { FrameKey } from '@/ui/Buttons';
import { Empty } from '@/ui/states';

/** Stages are worked on the drawing: without one, the way to it. */
export function Undrawn({ job }: { job: JobView }) {
  const router = useRouter();
  return (
    <>
      <Empty
        title="No drawing of this circuit yet"
        text="Pick the template it is like and change what differs: places, valves and sections are then told by it."
      />
      <FrameKey label="Draw its circuit" onPress={() => router.push(`/units/${job.unit.id}/circuits/${job.circuitId}`)} />
    </>
  );
}
