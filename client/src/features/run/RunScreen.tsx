import type { JobView, JointView } from '@kesto/contract';
import { RUN_PHASE_WORDS } from '@kesto/contract/wording';
import type { JointPlan } from '@kesto/core';

import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { ColdScreen } from '@/features/cold';
import { coldMethodOf } from '@/data/jobs/coldMethodOf';
import { jointCells } from '@/data/joints/cells';
import { WithJob } from '@/data/jobs/WithJob';
import { arrange } from '@/ui/arrange';
import { FrameKey } from '@/ui/Buttons';
import { KeepSlot, type Keeping } from '@/ui/keepSlot';
import { Sheet, type SheetAction } from '@/ui/Sheet';
import { Empty, Failed } from '@/ui/states';
import { FlagLine } from '@/ui/Flag';
import { RunBody } from './RunBody';
import { MadeAlready } from './MadeAlready';
import { RunMore } from './RunMore';
import { RunTube } from './RunTube';
import { useRun, type RunWork } from './useRun';
import { useScreenAwake } from './useScreenAwake';
import { WORDS } from './words';

/** One joint at the torch, step by step, with nothing but the device. */
export function RunScreen({ joint }: { joint: JointView }) {
  const plan = joint.plan?.plan;
  return (
    <WithJob id={joint.job.id}>
      {(job) => {
        const cold = coldMethodOf(joint, job);
        const isBegun = joint.entries.length > 0 && joint.state === 'planned';
        if (cold && !isBegun) return <ColdScreen key={joint.id} joint={joint} job={job} decided={cold} />;
        return plan ? <Running key={joint.id} joint={joint} job={job} plan={plan} /> : <NotPlanned joint={joint} job={job} />;
      }}
    </WithJob>
  );
}

function NotPlanned({ joint, job }: { joint: JointView; job: JobView }) {
  const router = useRouter();
  const [isCold, setIsCold] = useState(false);
  const href = `/joints/${joint.id}` as const;
  if (isCold) return <ColdScreen joint={joint} job={job} decided="press" />;
  return (
    <Sheet
      tag={joint.tag}
      title={joint.title}
      up={{ label: WORDS.joint, href }}
      cells={jointCells(joint)}
      action={{ label: WORDS.planIt, onPress: () => router.push(href) }}
    >
      <Empty title={WORDS.notPlannedYet} text={WORDS.aJointIsPlanned} />
      <FrameKey label={WORDS.itIsPressedFlared} onPress={() => setIsCold(true)} />
    </Sheet>
  );
}

function Running({ joint, job, plan }: { joint: JointView; job: JobView; plan: JointPlan }) {
  useScreenAwake();
  const router = useRouter();
  const work = useRun(joint, job, plan);
  const [keeping, setKeeping] = useState<Keeping | null>(null);
  const [more, setMore] = useState(false);
  const { phase, step } = work.run;
  const place = job.order.findIndex(({ id }) => id === joint.id) + 1;
  const toLook = () => router.push(`/joints/${joint.id}/look`);
  const look = { label: RUN_PHASE_WORDS.look.ends, onPress: toLook };
  // What was cut short of the purge is said before the look.
  const cooled = phase === 'cooling' && !work.run.isPurgeCutShort ? toLook : undefined;
  const action = phase === 'look' ? look : (keeping ?? tapAction(work, cooled));
  return (
    <Sheet
      tag={joint.tag}
      title={RUN_PHASE_WORDS[phase].title}
      subtitle={place > 0 ? WORDS.jointOf(place, job.order.length) : joint.title}
      up={{ label: WORDS.job(job.number), href: `/jobs/${job.id}` }}
      cells={jointCells(joint)}
      action={more ? undefined : action}
      round={{ label: more ? WORDS.close : WORDS.more, pressed: more, onPress: () => setMore(!more) }}
      over={<RunMore joint={joint} work={work} onDone={() => setMore(false)} />}
      overOpen={more}
    >
      <RunTube step={step} />
      {work.problem ? <Failed message={work.problem} /> : null}
      {work.other ? (
        <View role="alert" style={arrange.stack8}>
          <FlagLine letter="!" text={WORDS.isAtThisJoint(work.other)} />
          <FrameKey label={WORDS.goOnWithIt} disabled={work.busy} onPress={() => void work.note('took-over', {})} />
        </View>
      ) : null}
      <KeepSlot.Provider value={setKeeping}>
        <RunBody joint={joint} job={job} plan={plan} work={work} />
      </KeepSlot.Provider>
      {work.events.length === 0 ? <MadeAlready joint={joint} /> : null}
    </Sheet>
  );
}

/** What keeps the flame from being lit, in the key's place; null where nothing does. */
function barOf({ lock, again }: RunWork['ready'], isAlone: boolean): string | null {
  if (lock) return 'The torch is locked';
  if (again.length > 0) return 'Read it again first';
  return isAlone ? 'Name who stands by' : null;
}

/** The one key: named for what the person sees. What bars it is said in its place. */
function tapAction({ run, ready, tap, busy, twoPeople, second }: RunWork, then?: () => void): SheetAction | undefined {
  if (run.phase === 'flooding') return { label: 'Flooding', disabled: true, onPress: () => undefined };
  if (!tap) return undefined;
  const bars = run.phase === 'light' ? barOf(ready, twoPeople.length > 0 && second.trim() === '') : null;
  const isBarred = bars !== null;
  const label = bars ?? RUN_PHASE_WORDS[run.phase].ends;
  return { label, disabled: busy || isBarred, onPress: () => void tap().then((kept) => kept && then?.()) };
}
