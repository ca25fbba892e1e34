import type { JobView } from '@kesto/contract';
import { drawnName, stillOpenText } from '@kesto/contract/wording';
import type { CircuitGraph, KeptHold } from '@kesto/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { sectionName } from '@/data/stages/sections';
import { CircuitDrawing } from '@/drawing/circuit/CircuitDrawing';
import { jobCells } from '@/data/jobs/cells';
import type { StageWork } from '@/data/stages/useStage';
import { Facts, Leaving } from '@/features/stage';
import { useUnits } from '@/session/units';
import { FrameKey } from '@/ui/Buttons';
import { ListRow } from '@/ui/ListRow';
import { Sheet } from '@/ui/Sheet';
import { Failed } from '@/ui/states';
import { useIsWide } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { WORDS } from '../words';
import { HoldResult } from './HoldResult';
import { useAfterHold } from './useAfterHold';
import { verdictOf } from './verdict';

interface HoldDoneProps {
  readonly job: JobView;
  readonly graph: CircuitGraph | null;
  readonly work: StageWork;
  readonly holds: readonly KeptHold[];
  readonly onAgain: () => void;
}

/** Let down: what the last hold showed, and where that leads. */
export function HoldDone({ job, graph, work, holds, onAgain }: HoldDoneProps) {
  const wide = useIsWide();
  const units = useUnits();
  const [leaving, setLeaving] = useState(false);
  const last = holds.findLast(({ ended }) => ended !== null);
  const verdict = last?.ended?.values.verdict;
  const nameOf = (id: string) => (graph ? drawnName(graph, id) : id);
  const what = last && !last.began.values.rig && graph ? sectionName(graph, last.began.values.parts, nameOf) : WORDS.rig;
  const loses = last?.ended ? verdictOf(last.ended.values, units).says : '';
  const after = useAfterHold({ job, work, last, nameOf }, { what, loses, onAgain });
  const isHeld = (id: string) => last?.began.values.parts.includes(id) ?? false;
  const fill = verdict === 'tight' ? 'tight' : 'held';
  return (
    <Sheet
      tag={job.unit.tag}
      title={WORDS.title}
      subtitle={`job ${job.number}, ${job.title}`}
      up={{ label: `job ${job.number}`, href: `/jobs/${job.id}` }}
      cells={jobCells(job)}
      action={work.mayMake && !leaving ? after.action : undefined}
      round={work.mayMake ? { label: leaving ? 'close' : 'more', pressed: leaving, onPress: () => setLeaving(!leaving) } : undefined}
      why={work.state === 'open' ? stillOpenText(work.gates) : undefined}
      over={leaving ? <Leaving work={work} skipSays={WORDS.skipSays} onKept={() => setLeaving(false)} /> : null}
      overOpen={leaving}
      aside={<Facts facts={work.facts.filter(({ stage }) => stage === 'hold')} nameOf={nameOf} work={work} />}
    >
      {work.problem ? <Failed message={work.problem} /> : null}
      <HoldResult graph={graph} holds={holds} />
      {after.bubbled.map(({ key, says, onOpen }) => (
        <ListRow key={key} role="link" onPress={onOpen}>
          <Words size={17} bold tone="red">
            {`${says}: ${WORDS.bubblesThere}`}
          </Words>
        </ListRow>
      ))}
      <View style={styles.keys}>
        {work.mayMake && after.findIt ? <FrameKey label={WORDS.findIt} onPress={after.findIt} /> : null}
        {work.mayMake && after.again ? <FrameKey label={WORDS.again} onPress={after.again} /> : null}
      </View>
      {graph ? (
        <CircuitDrawing
          graph={graph}
          upright={!wide}
          maxHeight={wide ? 340 : 420}
          units={units}
          joints={job.order}
          fillOf={({ from, to }) => (isHeld(from) || isHeld(to) ? fill : 'emptied')}
          partFillOf={(id) => (isHeld(id) ? fill : 'emptied')}
        />
      ) : null}
    </Sheet>
  );
}

const styles = StyleSheet.create({ keys: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 } });
