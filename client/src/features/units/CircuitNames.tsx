import { Lettering } from '@/drawing/circuit/Lettering';
import type { LaidCircuit } from '@/drawing/circuit/CircuitDrawing';

/** Clear of the words beside the coils, which stand at half the height. */
const ABOVE_THE_MIDDLE = 50;

/** Which circuit is which, inside each of them. */
export function CircuitNames({ names, layout, view }: LaidCircuit & { names: readonly string[] }) {
  return (
    <>
      {layout.circuits.map(({ from, to, middle }, i) => (
        <Lettering
          key={`${from} ${middle}`}
          {...view.at({ x: (from + to) / 2, y: middle - ABOVE_THE_MIDDLE })}
          text={names[i] ?? ''}
          reading
        />
      ))}
    </>
  );
}
