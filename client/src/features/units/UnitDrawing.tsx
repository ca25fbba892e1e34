import type { UnitHistory, UnitView } from '@kesto/contract';
import { inCircuit, together, type CircuitGraph } from '@kesto/core';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { CircuitDrawing } from '@/drawing/circuit/CircuitDrawing';
import { CheckMarks } from '@/features/checkMarks';
import { useMayMake } from '@/session/useMayMake';
import { useUnits } from '@/session/units';
import { arrange } from '@/ui/arrange';
import { FrameKey } from '@/ui/Buttons';
import { useIsWide } from '@/ui/theme';
import { CircuitNames } from './CircuitNames';
import { onUnit } from './history';
import { KindDrawing } from './KindPicker';
import { Undrawn } from './Undrawn';

const HEIGHT = { wide: 420, phone: 520 } as const;

interface UnitDrawingProps {
  readonly unit: UnitView;
  readonly graphs: readonly (CircuitGraph | null)[];
  readonly history: UnitHistory | undefined;
}

/** Every circuit of a machine on one drawing, with what was found and made on it; until one is drawn, the sign of its kind. */
export function UnitDrawing({ unit, graphs, history }: UnitDrawingProps) {
  const router = useRouter();
  const wide = useIsWide();
  const units = useUnits();
  const mayMake = useMayMake();
  const drawn = unit.circuits.flatMap((circuit, i) => (graphs[i] ? [{ circuit, graph: graphs[i] }] : []));
  const named = drawn.length > 1;
  const idOf = (circuitId: string, id: string) => {
    const place = drawn.findIndex(({ circuit }) => circuit.id === circuitId);
    return named ? inCircuit(place, id) : id;
  };
  const { joints, leaks } = onUnit(
    history,
    drawn.map(({ circuit }) => circuit.id),
    idOf,
  );
  return (
    <View style={arrange.stack10}>
      {drawn.length > 0 ? (
        <CircuitDrawing
          graph={together(drawn.map(({ graph }) => graph))}
          upright={!wide}
          maxHeight={wide ? HEIGHT.wide : HEIGHT.phone * drawn.length}
          joints={joints}
          units={units}
          overlay={(laid) => (
            <>
              {named ? <CircuitNames names={drawn.map(({ circuit }) => circuit.name)} {...laid} /> : null}
              <CheckMarks checks={leaks} {...laid} />
            </>
          )}
        />
      ) : (
        <Undrawn kind={unit.kind}>
          <KindDrawing kind={unit.kind} width={wide ? 460 : 320} />
        </Undrawn>
      )}
      <View style={arrange.wrap8}>
        {unit.circuits.map((circuit, i) => {
          const which = unit.circuits.length > 1 ? ` ${circuit.name}` : graphs[i] ? ' the drawing' : ' its circuit';
          const label = `${graphs[i] ? 'Open' : 'Draw'}${which}`;
          return graphs[i] || mayMake ? (
            <FrameKey key={circuit.id} label={label} onPress={() => router.push(`/units/${unit.id}/circuits/${circuit.id}`)} />
          ) : null;
        })}
      </View>
    </View>
  );
}
