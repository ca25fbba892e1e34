import { partName, RUN_PHASE_WORDS } from '@kesto/contract/wording';
import { ALLOWED, REWET_AHEAD_S, STILL_BURNING, type JointPlan } from '@kesto/core';
import { StyleSheet, View } from 'react-native';
import { arrange } from '@/ui/arrange';
import { FrameKey } from '@/ui/Buttons';
import { FlagLine } from '@/ui/Flag';
import { Mono, Words } from '@/ui/Words';
import { BigClock } from './BigClock';
import { clockText } from './clock';
import { FlameScale } from './FlameScale';
import { HowItLooks } from './HowItLooks';
import { useAlarm } from './useAlarm';
import type { RunWork } from './useRun';
import { Why } from './Why';
import { WORDS } from './words';

/** Torch lit: only time, what to see now, and what has to be wetted. Nothing is asked. */
export function BurnBody({ plan, work }: { plan: JointPlan; work: RunWork }) {
  const { run, now } = work;
  const seconds = run.since === null ? 0 : (now - run.since) / 1000;
  const planned = plan.heat?.seconds ?? null;
  const burnsLong = planned !== null && seconds > STILL_BURNING * planned;
  useAlarm(burnsLong, 'urgent');
  useAlarm(seconds >= 0, 'count');
  const { least, most } = ALLOWED.heat;
  return (
    <View style={arrange.stack10}>
      {seconds < 0 ? (
        <BigClock seconds={-seconds} tone="amber" says={WORDS.lighting} below="put the phone down, 1 m off" />
      ) : (
        <BigClock
          seconds={Math.floor(seconds)}
          tone="copper"
          says={planned === null ? WORDS.torchLit : WORDS.ofUntilItFlows(clockText(Math.round(planned)))}
          below={
            planned === null
              ? 'no time is planned'
              : `good from ${clockText(Math.round(planned * least))} to ${clockText(Math.round(planned * most))} *`
          }
        />
      )}
      <FlameScale plan={plan} seconds={Math.max(0, seconds)} />
      <LiveFlow work={work} />
      {burnsLong ? <FlagLine stop letter="!" text={WORDS.stillBurningFlameAway} /> : null}
      <HowItLooks plan={plan} />
      <Rewet plan={plan} seconds={seconds} />
      <FlagLine letter="a" text={RUN_PHASE_WORDS.burning.how} />
      <Why of="burning" />
    </View>
  );
}

/** A second person's phone may say it as it flows; whoever holds the torch taps nothing. */
function LiveFlow({ work: { run, now, other, note, busy } }: { work: RunWork }) {
  if (run.flowedAfterS !== null)
    return (
      <Words size={17} bold tone="teal">
        {WORDS.itFlowedAfter(clockText(run.flowedAfterS))}
      </Words>
    );
  const { litAt } = run;
  if (other === null || litAt === null || now <= litAt) return null;
  return (
    <FrameKey
      label={WORDS.iSeeItFlow}
      disabled={busy}
      onPress={() => void note('flowed', { seconds: Math.round((Date.now() - litAt) / 1000), how: 'live' })}
    />
  );
}

/** Wraps that do not last as long as the heat: flame away first, then water. */
function Rewet({ plan, seconds }: { plan: JointPlan; seconds: number }) {
  const dries = plan.protection.flatMap(({ part, dryAtS }) => (dryAtS === null ? [] : [{ name: partName(part.kind), dryAtS }]));
  const soonest = Math.min(...dries.map(({ dryAtS }) => dryAtS));
  useAlarm(seconds >= soonest - REWET_AHEAD_S, 'urgent');
  return dries.map(({ name, dryAtS }) => {
    const left = dryAtS - seconds;
    return (
      <View key={name} style={styles.row}>
        <Words size={17} bold tone={left < REWET_AHEAD_S ? 'red' : 'ink'}>
          {left > 0 ? `re-wet the ${name} in` : `flame away, re-wet the ${name}`}
        </Words>
        {left > 0 ? (
          <Mono size={28} tone="teal">
            {clockText(left)}
          </Mono>
        ) : null}
      </View>
    );
  });
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'baseline', gap: 10 },
});
