import type { CircuitPart, LaidPart } from '@kesto/core';
import { G } from 'react-native-svg';
import type { Label } from './labels';
import { Lettering } from './Lettering';
import type { Placed } from './place';
import { Sign } from './Sign';
import type { TubeFill } from './Tube';

interface PlacedSignProps {
  readonly laid: LaidPart;
  readonly part: CircuitPart;
  readonly view: Placed;
  readonly chosen: boolean;
  readonly fill: TubeFill;
  /** Its name, where there is room for it. */
  readonly label: Label | undefined;
}

/** A part's sign on its place. */
export function PlacedSign({ laid, part, view, chosen, fill, label }: PlacedSignProps) {
  const at = view.at(laid);
  return (
    <G x={at.x} y={at.y}>
      <Sign part={part} flow={view.flow(laid.flow)} chosen={chosen} fill={fill} />
      {label ? <Lettering {...label} /> : null}
    </G>
  );
}
