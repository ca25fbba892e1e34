import { NO_ALARM_ASLEEP, RUN_PHASE_WORDS } from '@kesto/contract/wording';
import { formatDuration, formatFlow, readingText, type JointPlan } from '@kesto/core';
import { View } from 'react-native';
import { OxygenCurve, PlanDrawing } from '@/features/plan';
import { useUnits } from '@/session/units';
import { arrange } from '@/ui/arrange';
import { FlagLine } from '@/ui/Flag';
import { Words } from '@/ui/Words';
import { BigClock } from './BigClock';
import { useAlarm } from './useAlarm';
import type { RunWork } from './useRun';
import { Why } from './Why';
import { WORDS } from './words';

/** From the way out to the trickle: the gas is felt, the time runs, what oxygen is left is worked out. */
export function FloodBody({ plan, work: { run, now } }: { plan: JointPlan; work: RunWork }) {
  const units = useUnits();
  useAlarm(run.phase === 'trickle', 'done');
  const { purge } = plan;
  if (!purge) return null;
  const flood = readingText(formatFlow(purge.floodFlowM3PerS, units));
  const flow = purge.trickleM3PerS === null ? 'a trickle' : readingText(formatFlow(purge.trickleM3PerS, units));
  const began = run.since;
  return (
    <View style={arrange.stack12}>
      {began === null || run.until === null ? (
        <BigClock
          seconds={run.phase === 'trickle' ? 0 : purge.floodSeconds}
          tone="teal"
          says={run.phase === 'trickle' ? WORDS.flooded : WORDS.minToFlood}
          below={`at ${flood}, then ${flow}, and light`}
        />
      ) : (
        <BigClock
          seconds={(run.until - now) / 1000}
          tone="teal"
          says={WORDS.minLeftOf(readingText(formatDuration(purge.floodSeconds)))}
          below={`at ${flood}, then ${flow}, and light`}
        />
      )}
      <Words size={15}>
        <Words size={15} bold>
          {WORDS.oxygenInTheTube}
        </Words>{' '}
        {WORDS.workedOut}
      </Words>
      <OxygenCurve purge={purge} nowS={began === null ? null : (now - began) / 1000} />
      <FlagLine letter="a" text={RUN_PHASE_WORDS[run.phase].how} />
      <Why of={run.phase} />
      <PlanDrawing plan={plan} units={units} detail="plan" />
      {run.phase === 'flood' ? (
        <Words size={14} tone="ink2">
          {NO_ALARM_ASLEEP}
        </Words>
      ) : null}
    </View>
  );
}
