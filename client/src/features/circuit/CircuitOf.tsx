import type { JointSummary } from '@kesto/contract';
import { useRouter } from 'expo-router';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { errorText } from '@/api/api';
import { CircuitDrawing } from '@/drawing/circuit/CircuitDrawing';
import { useMayMake } from '@/session/useMayMake';
import { useUnits } from '@/session/units';
import { arrange } from '@/ui/arrange';
import { FrameKey } from '@/ui/Buttons';
import { Failed, Loading } from '@/ui/states';
import { useIsWide } from '@/ui/theme';
import { useCircuitDrawing } from '@/data/circuits/api';
import { WORDS } from './words';

interface CircuitOfProps {
  readonly unitId: string;
  readonly circuitId: string;
  readonly maxHeight: { readonly wide: number; readonly phone: number };
  readonly joints?: readonly JointSummary[];
  /** On the key that opens the drawing, for whoever may plan on it. */
  readonly label: string;
  /** Shown until somebody has drawn it. */
  readonly undrawn?: ReactNode;
}

/** A circuit as it was drawn last, and the way to its drawing. */
export function CircuitOf({ unitId, circuitId, maxHeight, joints = [], label, undrawn = null }: CircuitOfProps) {
  const router = useRouter();
  const wide = useIsWide();
  const units = useUnits();
  const mayMake = useMayMake();
  const { data, error, refetch } = useCircuitDrawing(circuitId);
  if (!data) return error ? <Failed message={errorText(error)} onRetry={() => void refetch()} /> : <Loading what={WORDS.theDrawing} />;
  const graph = data.drawing?.circuit;
  const open = () => router.push(`/units/${unitId}/circuits/${circuitId}`);
  const height = wide ? maxHeight.wide : maxHeight.phone;
  return (
    <View style={arrange.stack10}>
      {graph ? <CircuitDrawing graph={graph} upright={!wide} maxHeight={height} joints={joints} units={units} /> : undrawn}
      {graph || mayMake ? (
        <View style={arrange.atStart}>
          <FrameKey label={!graph ? WORDS.drawItsCircuit : mayMake ? label : WORDS.openTheDrawing} onPress={open} />
        </View>
      ) : null}
    </View>
  );
}
