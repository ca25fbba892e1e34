import type { JobView } from '@kesto/contract';
import { cautionText, drawnName, showIn } from '@kesto/contract/wording';
import type { CircuitGraph } from '@kesto/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { StageWork } from '@/data/stages/useStage';
import { Facts, StageSheet, Undrawn } from '@/features/stage';
import { useUnits } from '@/session/units';
import { FlagLine } from '@/ui/Flag';
import { ListRow } from '@/ui/ListRow';
import { Ring } from '@/ui/Ring';
import { Failed } from '@/ui/states';
import { Heading, Words } from '@/ui/Words';
import { WORDS } from '../words';
import { RigAlone } from './RigAlone';
import { Terms } from './Terms';
import { usePullPlan } from './usePullPlan';
import { WhatIf } from './WhatIf';

interface PullPlanningProps {
  readonly job: JobView;
  readonly graph: CircuitGraph | null;
  readonly work: StageWork;
  /** The pump and its hoses come next: their form lies open. */
  readonly opensRig: boolean;
}

/** Where the hoses hang, what the pump reaches, how long it takes at best, and the rig by itself first. */
export function PullPlanning({ job, graph, work, opensRig }: PullPlanningProps) {
  const units = useUnits();
  const plan = usePullPlan(job, graph, work);
  const [isRig, setIsRig] = useState(opensRig && !plan.rigHolds && work.mayNote);
  const nameOf = (id: string) => (graph ? drawnName(graph, id) : id);
  const names = (ids: readonly string[]) => ids.map(nameOf).join(', ');
  const { reach, curves, rigHolds } = plan;
  const action = rigHolds
    ? { label: WORDS.begin, disabled: work.busy || !curves, onPress: plan.submit }
    : { label: WORDS.rigAction, onPress: () => setIsRig(true) };
  return (
    <StageSheet
      job={job}
      work={work}
      title={WORDS.title}
      skipSays={WORDS.skipSays}
      action={work.mayNote ? action : null}
      over={isRig ? { content: <RigAlone work={work} onKept={() => setIsRig(false)} />, onClose: () => setIsRig(false) } : null}
      aside={
        <View style={styles.aside}>
          <View>
            <Heading size={17}>{WORDS.cautions}</Heading>
            {plan.cautions.map((caution, i) => (
              <FlagLine
                key={caution.code}
                letter={String.fromCharCode(97 + i)}
                stop={caution.severity === 'stop'}
                text={cautionText(caution, showIn(units))}
              />
            ))}
            <Words size={14} tone="ink2">
              {WORDS.cuffs}
            </Words>
          </View>
          <Facts facts={work.facts.filter(({ stage }) => stage === 'pull')} nameOf={nameOf} work={work} />
        </View>
      }
    >
      {plan.problem ? <Failed message={plan.problem} /> : null}
      <ListRow role="button" onPress={() => setIsRig(true)}>
        <View style={styles.rig}>
          <Ring state={rigHolds ? 'done' : 'locks'} />
          <Words size={17} bold style={styles.rigSays}>
            {rigHolds ? WORDS.rigHolds : WORDS.rigNot}
          </Words>
        </View>
      </ListRow>
      {curves ? <WhatIf curves={curves} /> : null}
      {reach && reach.unreached.length > 0 ? (
        <Words size={17} bold tone="red">
          {WORDS.unreached(names(reach.unreached))}
        </Words>
      ) : null}
      {reach && reach.openFirst.length > 0 ? <Words size={15}>{WORDS.openFirst(names(reach.openFirst))}</Words> : null}
      {reach && reach.badly.length > 0 ? <Words size={15}>{WORDS.badly(names(reach.badly))}</Words> : null}
      {graph ? <Terms plan={plan} nameOf={nameOf} /> : <Undrawn job={job} />}
    </StageSheet>
  );
}

const styles = StyleSheet.create({
  aside: { gap: 16 },
  rig: { flexDirection: 'row', gap: 10, alignItems: 'center', minHeight: 48, flex: 1 },
  rigSays: { flexShrink: 1 },
});
