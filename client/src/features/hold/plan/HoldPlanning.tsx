import type { JobView } from '@kesto/contract';
import type { CircuitGraph } from '@kesto/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { jobCells } from '@/data/jobs/cells';
import type { StageWork } from '@/data/stages/useStage';
import { Leaving, Undrawn } from '@/features/stage';
import { CircuitDrawing } from '@/drawing/circuit/CircuitDrawing';
import { useUnits } from '@/session/units';
import { Sheet } from '@/ui/Sheet';
import { Failed } from '@/ui/states';
import { useIsWide } from '@/ui/theme';
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

/** What is held, how high, and what is looked to before gas is let in. */
export function HoldPlanning({ job, graph, work }: HoldPlanningProps) {
  const wide = useIsWide();
  const units = useUnits();
  const hold = useHoldPlan(job, graph, work);
  const [leaving, setLeaving] = useState(false);
  const { plan, looked } = hold;
  const lookTo = plan ? lookToOf(plan, graph, units) : [];
  const left = lookTo.filter(({ id }) => !looked.includes(id)).length;
  const action = { label: left > 0 ? WORDS.beginLeft(left) : WORDS.begin, disabled: left > 0 || !plan || work.busy, onPress: hold.submit };
  const isHeld = (id: string) => plan?.reach.reached.includes(id) ?? false;
  return (
    <Sheet
      tag={job.unit.tag}
      title={WORDS.title}
      subtitle={`job ${job.number}, ${job.title}`}
      up={{ label: `job ${job.number}`, href: `/jobs/${job.id}` }}
      cells={jobCells(job)}
      action={work.mayNote && !leaving ? action : undefined}
      round={work.mayMake ? { label: leaving ? 'close' : 'more', pressed: leaving, onPress: () => setLeaving(!leaving) } : undefined}
      over={leaving ? <Leaving work={work} skipSays={WORDS.skipSays} onKept={() => setLeaving(false)} /> : null}
      overOpen={leaving}
      aside={<Before hold={hold} graph={graph} lookTo={lookTo} />}
    >
      {work.problem ? <Failed message={work.problem} /> : null}
      {hold.problem ? <Failed message={hold.problem} /> : null}
      <PlanReadings hold={hold} graph={graph} />
      {graph ? (
        <CircuitDrawing
          graph={graph}
          upright={!wide}
          maxHeight={wide ? 270 : 500}
          units={units}
          joints={job.order}
          fillOf={({ from, to }) => (isHeld(from) || isHeld(to) ? 'held' : 'emptied')}
          partFillOf={(id) => (isHeld(id) ? 'held' : 'emptied')}
        />
      ) : (
        <View style={styles.undrawn}>
          <Undrawn job={job} />
        </View>
      )}
      <Choices hold={hold} graph={graph} />
    </Sheet>
  );
}

const styles = StyleSheet.create({ undrawn: { paddingVertical: 8 } });
