import type { JobView } from '@kesto/contract';
import { drawnName, stillOpenText } from '@kesto/contract/wording';
import type { CircuitGraph, KeptHold } from '@kesto/core';
import { StyleSheet, View } from 'react-native';
import { sectionName } from '@/data/stages/sections';
import type { StageWork } from '@/data/stages/useStage';
import { Facts, StageSheet } from '@/features/stage';
import { useUnits } from '@/session/units';
import { FrameKey } from '@/ui/Buttons';
import { ListRow } from '@/ui/ListRow';
import { Words } from '@/ui/Words';
import { HeldDrawing } from '../HeldDrawing';
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

const HEIGHT = { wide: 340, phone: 420 } as const;

/** Let down: what the last hold showed, and where that leads. */
export function HoldDone({ job, graph, work, holds, onAgain }: HoldDoneProps) {
  const units = useUnits();
  const last = holds.findLast(({ ended }) => ended !== null);
  const verdict = last?.ended?.values.verdict;
  const nameOf = (id: string) => (graph ? drawnName(graph, id) : id);
  const what = last && !last.began.values.rig && graph ? sectionName(graph, last.began.values.parts, nameOf) : WORDS.rig;
  const loses = last?.ended ? verdictOf(last.ended.values, units).says : '';
  const after = useAfterHold({ job, work, last, nameOf }, { what, loses, onAgain });
  return (
    <StageSheet
      job={job}
      work={work}
      title={WORDS.title}
      skipSays={WORDS.skipSays}
      action={work.mayMake ? after.action : null}
      why={work.state === 'open' ? stillOpenText(work.gates) : undefined}
      aside={<Facts facts={work.facts.filter(({ stage }) => stage === 'hold')} nameOf={nameOf} work={work} />}
    >
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
        <HeldDrawing
          job={job}
          graph={graph}
          held={last?.began.values.parts ?? []}
          fill={verdict === 'tight' ? 'tight' : 'held'}
          maxHeight={HEIGHT}
        />
      ) : null}
    </StageSheet>
  );
}

const styles = StyleSheet.create({ keys: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 } });
