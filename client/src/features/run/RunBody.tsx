import type { JobView, JointSummary, JointView } from '@kesto/contract';
import { PURGE_CUT_SHORT, RUN_PHASE_WORDS, twoPeopleText } from '@kesto/contract/wording';
import type { JointPlan } from '@kesto/core';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { AtTheTorch, Flags, MakeSafe, PlanDrawing } from '@/features/plan';
import { ApprovalNote } from '@/features/record';
import { TorchLocked } from '@/features/torch';
import { useUnits } from '@/session/units';
import { arrange } from '@/ui/arrange';
import { FlagLine } from '@/ui/Flag';
import { TextField } from '@/ui/UnitField';
import { Words } from '@/ui/Words';
import { WatchLine } from './WatchLine';
import { Why } from './Why';
import { BurnBody } from './BurnBody';
import { CoolBody } from './CoolBody';
import { FitBody } from './FitBody';
import { FloodBody } from './FloodBody';
import { OneHeat } from './OneHeat';
import { ReadAgain } from './ReadAgain';
import { UsedBody } from './UsedBody';
import { ThreadBody } from './ThreadBody';
import type { RunWork } from './useRun';
import { WrapBody } from './WrapBody';
import { WORDS } from './words';

/** The next joint of the order that is not made yet: the gas runs on while this one cools. */
function nextToMake(order: JobView['order'], id: string): JointSummary | null {
  const here = order.findIndex((other) => other.id === id);
  return order.slice(here + 1).find(({ state }) => state === 'planned') ?? null;
}

interface RunBodyProps {
  readonly joint: JointView;
  readonly job: JobView;
  readonly plan: JointPlan;
  readonly work: RunWork;
}

/** What is seen while one step of a joint is done. */
export function RunBody({ joint, job, plan, work }: RunBodyProps) {
  const { phase } = work.run;
  const units = useUnits();
  const next = nextToMake(job.order, joint.id);
  switch (phase) {
    case 'thread':
      return (
        <Told how={phase}>
          <ThreadBody work={work} />
        </Told>
      );
    case 'fit':
      return (
        <Told how={phase}>
          <OneHeat joint={joint} job={job} />
          <FitBody plan={plan} work={work} keptAs={`run.${joint.id}`} />
        </Told>
      );
    case 'wrap':
      return (
        <Told how={phase}>
          <WrapBody plan={plan} work={work} />
        </Told>
      );
    case 'open':
    case 'flood':
    case 'feel':
    case 'flooding':
    case 'trickle':
      return <FloodBody plan={plan} work={work} />;
    case 'light':
      return (
        <Told how={phase}>
          <OneHeat joint={joint} job={job} />
          <Lighting job={job} plan={plan} work={work} />
        </Told>
      );
    case 'burning':
      return <BurnBody plan={plan} work={work} />;
    case 'used':
      return <UsedBody joint={joint} plan={plan} work={work} />;
    case 'nitrogen':
    case 'cooling':
      return (
        <>
          <CoolBody key={phase} plan={plan} next={next} work={work} />
          <WatchLine job={job} />
        </>
      );
    case 'look':
      return (
        <Told how={phase}>
          {work.run.isPurgeCutShort ? <FlagLine stop letter="!" text={PURGE_CUT_SHORT} /> : null}
          <PlanDrawing plan={plan} units={units} detail="sizes" />
        </Told>
      );
  }
}

function Told({ how, children }: { how: keyof typeof RUN_PHASE_WORDS; children: ReactNode }) {
  return (
    <View style={arrange.stack12}>
      <Words size={17}>{RUN_PHASE_WORDS[how].how}</Words>
      <Why of={how} />
      {children}
    </View>
  );
}

/** What locks the torch is seen before the tap; then where the flame goes. */
function Lighting({ job, plan, work }: Omit<RunBodyProps, 'joint'>) {
  const units = useUnits();
  const { lock, again } = work.ready;
  return (
    <View style={arrange.stack12}>
      <TorchLocked jobId={job.id} lock={lock} />
      {lock ? null : <ReadAgain jobId={job.id} points={again} />}
      {work.twoPeople.length > 0 ? (
        <>
          <FlagLine letter="!" text={twoPeopleText(work.twoPeople)} />
          <TextField label={WORDS.whoStandsBy} value={work.second} onChange={work.setSecond} />
        </>
      ) : null}
      <ApprovalNote filler={work.chosen} />
      <PlanDrawing plan={plan} units={units} detail="sizes" flagged />
      <Flags plan={plan} units={units} stages={['make-safe', 'braze']} />
      <MakeSafe plan={plan} units={units} />
      <AtTheTorch plan={plan} units={units} />
    </View>
  );
}
