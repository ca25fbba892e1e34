import type { JobView } from '@kesto/contract';
import { drawnName, stillOpenText } from '@kesto/contract/wording';
import type { CircuitGraph, KeptPull } from '@kesto/core';
import { formatNumber, formatVacuum } from '@kesto/core/unit';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { StageWork } from '@/data/stages/useStage';
import { Instruments } from '@/features/instruments';
import { Facts, StageSheet } from '@/features/stage';
import { useUnits } from '@/session/units';
import { FrameKey } from '@/ui/Buttons';
import { Reading } from '@/ui/Reading';
import { Ring } from '@/ui/Ring';
import type { SheetAction } from '@/ui/Sheet';
import { useIsWide } from '@/ui/theme';
import { Heading, Mono, Words } from '@/ui/Words';
import { WORDS } from '../words';
import { glanceOf } from './glance';
import { BreakForm, VacuumForm } from './Panels';
import { PullChart } from './PullChart';
import { RiseChart } from './RiseChart';
import { usePullWatch, type PullWatchWork } from './usePullWatch';

type Panel = 'read' | 'break';

interface PullWatchingProps {
  readonly job: JobView;
  readonly graph: CircuitGraph | null;
  readonly work: StageWork;
  readonly pull: KeptPull;
  readonly onAnew: () => void;
}

const mmss = (seconds: number) => `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, '0')}`;

function actionOf(watch: PullWatchWork, work: StageWork, acts: { open: (panel: Panel) => void; up: () => void }): SheetAction {
  const { state, isDry, leftS, maySay, moments, isLive } = watch;
  const disabled = work.busy;
  if (work.state !== 'open') return { label: WORDS.toJob, onPress: acts.up };
  if (state === 'judged') {
    if (isDry)
      return {
        label: WORDS.onward,
        disabled: disabled || work.gates.length > 0,
        onPress: () => void work.note('done', {}).then((kept) => kept && acts.up()),
      };
    return { label: WORDS.breakIt, disabled, onPress: () => acts.open('break') };
  }
  if (state === 'watching')
    return maySay
      ? { label: WORDS.judge, disabled, onPress: () => void watch.judge() }
      : isLive
        ? { label: WORDS.watchOn(mmss(leftS)), disabled: true, onPress: () => undefined }
        : { label: leftS > 0 ? `${WORDS.read}, ${mmss(leftS)}` : WORDS.read, disabled, onPress: () => acts.open('read') };
  if (isLive && moments.length > 0) return { label: WORDS.shutNow, disabled, onPress: () => void watch.shut() };
  return { label: WORDS.read, disabled, onPress: () => acts.open('read') };
}

/** A pull, watched: how deep, where it is going, and what its rise shows. */
export function PullWatching({ job, graph, work, pull, onAnew }: PullWatchingProps) {
  const units = useUnits();
  const wide = useIsWide();
  const router = useRouter();
  const watch = usePullWatch(job, graph, work, pull);
  const [panel, setPanel] = useState<Panel | null>(null);
  const [width, setWidth] = useState(wide ? 800 : 358);
  const close = () => setPanel(null);
  const nameOf = (id: string) => (graph ? drawnName(graph, id) : id);
  const { volume } = pull.began.values;
  const glance = glanceOf(watch);
  const reading = watch.last ? formatVacuum(watch.last.pa, units) : null;
  const other = watch.last ? formatVacuum(watch.last.pa, { ...units, vacuum: units.vacuum === 'Pa' ? 'micron' : 'Pa' }) : null;
  const panelProps = { watch, work, onKept: close };
  return (
    <StageSheet
      job={job}
      work={work}
      title={WORDS.title}
      subtitle={`${formatNumber(volume.value, 1)}\u00a0${volume.unit}, ${job.circuit.refrigerant}`}
      skipSays={WORDS.skipSays}
      action={work.mayMake ? actionOf(watch, work, { open: setPanel, up: () => router.push(`/jobs/${job.id}`) }) : null}
      why={watch.state === 'judged' && work.state === 'open' ? stillOpenText(work.gates) : undefined}
      over={panel ? { content: panel === 'read' ? <VacuumForm {...panelProps} /> : <BreakForm {...panelProps} />, onClose: close } : null}
      more={(shut) => (
        <View style={styles.keys}>
          <FrameKey label={WORDS.breakIt} onPress={() => (shut(), setPanel('break'))} />
          {watch.state === 'pumping' ? null : <FrameKey label={WORDS.again} onPress={() => void watch.pumpOn().then(shut)} />}
          <FrameKey label={WORDS.oil} onPress={() => void watch.changeOil().then(shut)} />
          <FrameKey quiet label={WORDS.newPull} onPress={onAnew} />
        </View>
      )}
      aside={
        <View style={styles.aside}>
          <Instruments
            job={job.id}
            of={pull.id}
            joined={watch.live?.series ?? []}
            mayJoin={work.mayNote && watch.state !== 'judged'}
            byHand={WORDS.byHand}
            standInSays={WORDS.standInSays}
          />
          <Facts facts={work.facts.filter(({ stage }) => stage === 'pull')} nameOf={nameOf} work={work} />
        </View>
      }
    >
      <View style={styles.figures}>
        <Reading
          label={WORDS.now}
          value={reading?.value ?? '–'}
          unit={reading?.unit ?? ''}
          size={48}
          note={other ? `${other.value} ${other.unit}` : WORDS.noReading}
          testID="vacuum-now"
        />
        {watch.state === 'watching' && watch.leftS > 0 ? (
          <View>
            <Words size={14} tone="ink2">{`${WORDS.minLeft}, ${WORDS.ofTen}`}</Words>
            <Mono size={28} tone="teal" testID="rise-left">
              {mmss(watch.leftS)}
            </Mono>
          </View>
        ) : null}
      </View>
      <View onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width || width)}>
        <PullChart watch={watch} width={width} height={wide ? 300 : 270} />
      </View>
      {watch.state === 'pumping' && work.mayNote && !watch.isLive && watch.moments.length > 0 ? (
        <FrameKey label={WORDS.shutNow} onPress={() => void watch.shut()} />
      ) : null}
      {watch.from === null ? null : (
        <View style={styles.rise}>
          <Words size={15}>
            <Words size={15} bold>
              {WORDS.riseTitle}
            </Words>
            {` · ${WORDS.riseSays(formatVacuum(1, units).unit)}`}
          </Words>
          <RiseChart watch={watch} width={width} height={wide ? 240 : 220} />
        </View>
      )}
      <View style={styles.verdict}>
        <Ring state={watch.state === 'judged' ? (watch.isDry ? 'done' : 'open') : 'running'} share={1 - watch.leftS / 600} />
        <View style={styles.text}>
          <Heading size={20} tone={glance.tone}>
            {glance.title}
          </Heading>
          {glance.says ? (
            <Words size={15} tone="ink2">
              {glance.says}
            </Words>
          ) : null}
          {watch.airLeft === null ? null : (
            <Words size={15} tone="ink2">
              {WORDS.airLeft(formatNumber(watch.airLeft * 1e6, watch.airLeft > 1e-4 ? 0 : 2), watch.breaks.length)}
            </Words>
          )}
        </View>
      </View>
    </StageSheet>
  );
}

const styles = StyleSheet.create({
  figures: { flexDirection: 'row', gap: 28, alignItems: 'flex-start' },
  aside: { gap: 16 },
  keys: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  rise: { gap: 4 },
  verdict: { flexDirection: 'row', gap: 12, alignItems: 'flex-start', paddingVertical: 8 },
  text: { flex: 1, gap: 4 },
});
