import type { CircuitView, UnitView } from '@kesto/contract';
import { UNIT_KIND_WORDS } from '@kesto/contract/wording';
import { View } from 'react-native';
import { CircuitOf } from '@/features/circuit/CircuitOf';
import { useIsWide } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { KindDrawing } from './KindPicker';

const HEIGHT = { wide: 420, phone: 460 } as const;

/** The unit's circuit as it was drawn; until then the sign of its kind. */
export function UnitCircuit({ unit, circuit }: { unit: UnitView; circuit: CircuitView }) {
  const wide = useIsWide();
  const sign = (
    <View style={{ alignItems: 'center', gap: 6 }}>
      <KindDrawing kind={unit.kind} width={wide ? 460 : 320} />
      <Words size={14} tone="ink2">
        {UNIT_KIND_WORDS[unit.kind]}, as machines of its kind are: its own circuit is not drawn yet.
      </Words>
    </View>
  );
  return <CircuitOf unitId={unit.id} circuitId={circuit.id} maxHeight={HEIGHT} label="Open the drawing" undrawn={sign} />;
}
