import { PURGE_CUT_SHORT, RUN_PHASE_WORDS } from '@kesto/contract/wording';
import type { JointSummary } from '@kesto/contract';
import { formatTemperature, NITROGEN_OFF_C, readingText, TOUCH_C, type JointPlan } from '@kesto/core';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { PlanDrawing } from '@/features/plan';
import { useUnits } from '@/session/units';
import { arrange } from '@/ui/arrange';
import { FrameKey } from '@/ui/Buttons';
import { FlagLine } from '@/ui/Flag';
import { Words } from '@/ui/Words';
import { BigClock } from './BigClock';
import { useAlarm } from './useAlarm';
import type { RunWork } from './useRun';
import { WORDS } from './words';

interface CoolBodyProps {
  readonly plan: JointPlan;
  /** What may be begun meanwhile. */
  readonly next: JointSummary | null;
  readonly work: RunWork;
}

/** The flame is off: until when the gas runs, and until when nobody touches it. */
export function CoolBody({ plan, next, work: { run, now } }: CoolBodyProps) {
  const router = useRouter();
  const units = useUnits();
  const isNitrogen = run.phase === 'nitrogen';
  const left = run.until === null ? null : (run.until - now) / 1000;
  useAlarm(left !== null && left <= 0, 'done');
  const under = readingText(formatTemperature(isNitrogen ? NITROGEN_OFF_C : TOUCH_C, units));
  return (
    <View style={arrange.stack12}>
      {left === null ? (
        <Words size={20} bold>
          {WORDS.howLongItStaysHot}
        </Words>
      ) : (
        <BigClock
          seconds={left}
          tone={left > 0 ? 'amber' : 'teal'}
          says={left > 0 ? WORDS.untilItIsUnder(under) : WORDS.underByNow(under)}
          below={isNitrogen ? 'the trickle runs until then' : 'do not touch it before'}
        />
      )}
      <Words size={14} tone="ink2">
        {WORDS.workedOutForStillAir}
      </Words>
      {run.isPurgeCutShort ? <FlagLine stop letter="!" text={PURGE_CUT_SHORT} /> : null}
      <FlagLine letter="a" text={RUN_PHASE_WORDS[run.phase].how} />
      {next ? <FrameKey label={WORDS.meanwhile(next.tag, next.title)} onPress={() => router.push(`/joints/${next.id}/run`)} /> : null}
      <PlanDrawing plan={plan} units={units} detail="sizes" />
    </View>
  );
}
