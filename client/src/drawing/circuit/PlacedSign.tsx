import type { CircuitPart, LaidPart } from '@kesto/core';
import { memo } from 'react';
import { G } from 'react-native-svg';
import type { Placed } from './place';
import { Sign } from './Sign';
import type { TubeFill } from './Tube';

interface PlacedSignProps {
  readonly laid: LaidPart;
  readonly part: CircuitPart;
  readonly view: Placed;
  readonly chosen: boolean;
  readonly fill: TubeFill;
}

/** A part's sign on its place. */
export const PlacedSign = memo(function PlacedSign({ laid, part, view, chosen, fill }: PlacedSignProps) {
  const at = view.at(laid);
  return (
    <G x={at.x} y={at.y}>
      <Sign part={part} flow={view.flow(laid.flow)} chosen={chosen} fill={fill} />
    </G>
  );
});
