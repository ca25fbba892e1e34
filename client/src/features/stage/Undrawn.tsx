import type { JobView } from '@kesto/contract';
import { useRouter } from 'expo-router';
import { FrameKey } from '@/ui/Buttons';
import { Empty } from '@/ui/states';
import { WORDS } from './words';

/** Stages are worked on the drawing: without one, the way to it. */
export function Undrawn({ job }: { job: JobView }) {
  const router = useRouter();
  return (
    <>
      <Empty title={WORDS.noDrawingOfThis} text={WORDS.pickTheTemplateIt} />
      <FrameKey label={WORDS.drawItsCircuit} onPress={() => router.push(`/units/${job.unit.id}/circuits/${job.circuitId}`)} />
    </>
  );
}
