import type { CircuitView, UnitView } from '@kesto/contract';
import { UNIT_KIND_WORDS } from '@kesto/contract/wording';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { CircuitDrawing } from '@/drawing/circuit/CircuitDrawing';
import { useCircuitDrawing } from '@/features/circuit/api';
import { useMayMake } from '@/features/session/useMayMake';
import { useUnits } from '@/state/units';
import { FrameKey } from '@/ui/Keys';
import { useIsWide } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { KindDrawing } from './KindPicker';

/** The unit's circuit as it was drawn; until then the sign of its kind, and the way to draw it. */
export function UnitCircuit({ unit, circuit }: { unit: UnitView; circuit: CircuitView }) {
  const router = useRouter();
  const wide = useIsWide();
  const units = useUnits();
  const mayMake = useMayMake();
  const { data } = useCircuitDrawing(circuit.id);
  const graph = data?.drawing?.circuit;
  const open = () => router.push(`/units/${unit.id}/circuits/${circuit.id}`);
  return (
    <View style={{ gap: 10, paddingTop: 12 }}>
      {graph ? (
        <CircuitDrawing graph={graph} upright={!wide} maxHeight={wide ? 420 : 460} units={units} />
      ) : (
        <View style={{ alignItems: 'center', gap: 6 }}>
          <KindDrawing kind={unit.kind} width={wide ? 460 : 320} />
          <Words size={14} tone="ink2">
            {UNIT_KIND_WORDS[unit.kind]}, as machines of its kind are: its own circuit is not drawn yet.
          </Words>
        </View>
      )}
      {mayMake || graph ? (
        <View style={{ alignItems: 'flex-start' }}>
          <FrameKey label={graph ? 'Open the drawing' : 'Draw its circuit'} onPress={open} />
        </View>
      ) : null}
    </View>
  );
}
