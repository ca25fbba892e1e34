import { useDeferredValue } from 'react';
import { StyleSheet, View } from 'react-native';
import { Measured, type PlanDrawingProps, Section, useFrame } from '@/features/plan';
import { GripBar, PartProtectionBar } from './grips/GripBar';
import { Grips } from './grips/Grips';
import { useGrips } from './grips/useGrips';
import { HeatBelow } from './heat/HeatBelow';
import type { Planner } from './usePlanner';

interface PlannerDrawingProps extends PlanDrawingProps {
  /** Whose draft the handles change. */
  readonly planner: Planner;
}

/** The planned joint with handles on everything that can be moved; where a chart is wanted, the temperature along it on the same axis. */
export function PlannerDrawing(props: PlannerDrawingProps) {
  return <Measured>{(width) => <Drawn {...props} width={width} />}</Measured>;
}

/** Wider than this the words of a handle fit into the drawing's own corner. */
const ROOMY_PX = 500;

function Drawn({ planner, ...props }: PlannerDrawingProps & { width: number }) {
  const { plan, units, detail, width } = props;
  const fitting = useFrame(plan, width, detail);
  const { edits, held, selected } = useGrips({ planner, plan, units, frame: fitting });
  const frame = held ?? fitting;
  const later = useDeferredValue(plan);
  const inCorner = width > ROOMY_PX && (detail === 'plan' || detail === 'chart');
  return (
    <>
      <View>
        <Section {...props} frame={frame} />
        <Grips plan={plan} units={units} frame={frame} edits={edits} />
        {inCorner ? (
          <View style={styles.aside}>
            <GripBar planner={planner} selected={selected} />
          </View>
        ) : null}
      </View>
      {inCorner ? null : <GripBar planner={planner} selected={selected} />}
      <PartProtectionBar planner={planner} selected={selected} />
      {detail === 'chart' && later.heat ? <HeatBelow plan={later} units={units} frame={frame} /> : null}
    </>
  );
}

const styles = StyleSheet.create({
  aside: { position: 'absolute', right: 0, top: 0, width: 272 },
});
