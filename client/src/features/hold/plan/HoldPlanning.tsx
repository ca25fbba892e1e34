import type { JobView } from '@kesto/contract';
import type { CircuitGraph } from '@kesto/core';
import { StyleSheet, View } from 'react-native';
import type { StageWork } from '@/data/stages/useStage';
import { StageSheet, Undrawn } from '@/features/stage';
import { useUnits } from '@/session/units';
import { Failed } from '@/ui/states';
import { HeldDrawing } from '../HeldDrawing';
import { WORDS } from '../words';
import { Before } from './Before';
import { Choices } from './Choices';
import { lookToOf } from './lookTo';
import { PlanReadings } from './PlanReadings';
import { useHoldPlan } from './useHoldPlan';

interface HoldPlanningProps {
  readonly job: JobView;
  readonly graph: CircuitGraph | null;
  readonly work: StageWork;
}

const HEIGHT = { wide: 270, phone: 500 } as const;

/** What is held, how high, and what is looked to before gas is let in. */
export function HoldPlanning({ job, graph, work }: HoldPlanningProps) {
  const units = useUnits();
  const hold = useHoldPlan(job, graph, work);
  const { plan, looked } = hold;
  const lookTo = plan ? lookToOf(plan, graph, { units, isStrong: hold.isStrong }) : [];
  const left = lookTo.filter(({ id }) => !looked.includes(id)).length;
  const isWrongGas = hold.gas === 'other';
  const label = isWrongGas ? WORDS.notThisGas : left > 0 ? WORDS.beginLeft(left) : WORDS.begin;
  const action = { label, disabled: left > 0 || isWrongGas || !plan || work.busy, onPress: hold.submit };
  return (
    <StageSheet
      job={job}
      work={work}
      title={WORDS.title}
      skipSays={WORDS.skipSays}
      action={work.mayNote ? action : null}
      aside={<Before hold={hold} graph={graph} lookTo={lookTo} />}
    >
      {hold.problem ? <Failed message={hold.problem} /> : null}
      <PlanReadings hold={hold} graph={graph} />
      {graph ? (
        <HeldDrawing job={job} graph={graph} held={plan?.reach.reached ?? []} fill="held" maxHeight={HEIGHT} />
      ) : (
        <View style={styles.undrawn}>
          <Undrawn job={job} />
        </View>
      )}
      <Choices hold={hold} graph={graph} />
    </StageSheet>
  );
}

const styles = StyleSheet.create({ undrawn: { paddingVertical: 8 } });
