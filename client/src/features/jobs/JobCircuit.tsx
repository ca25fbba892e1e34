import type { JobView } from '@kesto/contract';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { CircuitDrawing } from '@/drawing/circuit/CircuitDrawing';
import { useCircuitDrawing } from '@/features/circuit/api';
import { useUnits } from '@/state/units';
import { FrameKey } from '@/ui/Keys';
import { useIsWide } from '@/ui/theme';

const WIDE_PX = 400;
const PHONE_PX = 460;

/** The circuit a job stands on, with the joints of the job that were planned on the drawing. */
export function JobCircuit({ job }: { job: JobView }) {
  const router = useRouter();
  const wide = useIsWide();
  const units = useUnits();
  const { data } = useCircuitDrawing(job.circuit.id);
  const graph = data?.drawing?.circuit;
  return (
    <View style={{ gap: 8 }}>
      {graph ? (
        <CircuitDrawing graph={graph} upright={!wide} maxHeight={wide ? WIDE_PX : PHONE_PX} joints={job.order} units={units} />
      ) : null}
      <View style={{ alignItems: 'flex-start' }}>
        <FrameKey
          label={graph ? 'Plan a joint on the drawing' : 'Draw the circuit'}
          onPress={() => router.push(`/units/${job.unit.id}/circuits/${job.circuit.id}`)}
        />
      </View>
    </View>
  );
}
