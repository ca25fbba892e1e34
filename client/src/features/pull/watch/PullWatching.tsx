import type { JobView } from '@kesto/contract';
import { drawnName, stillOpenText } from '@kesto/contract/wording';
import type { CircuitGraph, KeptPull } from '@kesto/core';
import { formatNumber, formatVacuum } from '@kesto/core/unit';
import { useRouter } from 'expo-router';
import { useEffect, useRef, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { stageHref } from '@/data/stages/stageHref';
import type { StageWork } from '@/data/stages/useStage';
import { ableTo, Instruments } from '@/features/instruments';
import { Facts, StageSheet } from '@/features/stage';
import { useUnits } from '@/session/units';
import { FrameKey } from '@/ui/Buttons';
import type { SheetAction } from '@/ui/Sheet';
import { useIsWide } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { WORDS } from '../words';
import { Glances, Verdict } from './Glances';
import { BreakForm, VacuumForm } from './Panels';
import { mmss } from './mmss';
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

function actionOf(
  watch: PullWatchWork,
  work: StageWork,
  acts: { open: (panel: Panel | null) => void; up: () => void; onward: () => void },
): SheetAction {
  const { state, isDry, leftS, maySay, moments, isLive } = watch;
  const disabled = work.busy;
  if (work.state !== 'open') return { label: WORDS.toJob, onPress: acts.up };
  if (state === 'judged') {
    if (isDry)
      return {
        label: WORDS.onward,
        disabled: disabled || work.gates.length > 0,
        onPress: () => void work.note('done', {}).then((kept) => kept && acts.onward()),
      };
    return { label: WORDS.breakIt, disabled, onPress: () => acts.open('break') };
  }
  const judge = () => {
    acts.open(null);
    void watch.judge();
  };
  if (state === 'watching')
    return maySay
      ? { label: WORDS.judge, disabled, onPress: judge }
      : isLive
        ? { label: WORDS.watchOn(mmss(leftS)), disabled: true, onPress: () => undefined }
        : { label: leftS > 0 ? `${WORDS.read}, ${mmss(leftS)}` : WORDS.read, disabled, onPress: () => acts.open('read') };
  if (isLive && moments.length > 0) return { label: WORDS.shutNow, disabled, onPress: () => void watch.shut() };
  return { label: WORDS.read, disabled, onPress: () => acts.open('read') };
}

/** Judged with the reading that was kept a moment ago, once it stands among the others. */
function useJudgeNext(watch: PullWatchWork): () => void {
  const judges = useRef(false);
  useEffect(() => {
    if (!judges.current || !watch.maySay) return;
    judges.current = false;
    void watch.judge();
  });
  return () => {
    judges.current = true;
  };
}

/** A pull, watched: how deep, where it is going, and what its rise shows. */
export function PullWatching({ job, graph, work, pull, onAnew }: PullWatchingProps) {
  const wide = useIsWide();
  const router = useRouter();
  const watch = usePullWatch(job, graph, work, pull);
  const [panel, setPanel] = useState<Panel | null>(null);
  const close = () => setPanel(null);
  const judgeNext = useJudgeNext(watch);
  const { volume } = pull.began.values;
  // Of a rise many readings are noted one after the other: the sheet stays until it can be judged.
  const isWatched = watch.state === 'watching' && !watch.maySay;
  const panelProps = {
    ...{ watch, work },
    onKept: panel === 'read' && isWatched ? () => undefined : close,
    onJudge: () => (close(), judgeNext()),
  };
  const isShown = panel !== null && !(panel === 'read' && watch.state === 'watching' && watch.maySay);
  const acts = { open: setPanel, up: () => router.push(`/jobs/${job.id}`), onward: () => router.push(stageHref(job.id, 'charge')) };
  return (
    <StageSheet
      job={job}
      work={work}
      title={WORDS.title}
      subtitle={`${formatNumber(volume.value, 1)}\u00a0${volume.unit}, ${job.circuit.refrigerant}`}
      skipSays={WORDS.skipSays}
      action={work.mayMake ? actionOf(watch, work, acts) : null}
      why={watch.state === 'judged' && work.state === 'open' ? stillOpenText(work.gates) : undefined}
      over={isShown ? { content: panel === 'read' ? <VacuumForm {...panelProps} /> : <BreakForm {...panelProps} />, onClose: close } : null}
      more={(shut) => (
        <View style={styles.keys}>
          <FrameKey label={WORDS.breakIt} onPress={() => (shut(), setPanel('break'))} />
          {watch.state === 'pumping' ? null : <FrameKey label={WORDS.again} onPress={() => void watch.pumpOn().then(shut)} />}
          <FrameKey label={WORDS.oil} onPress={() => void watch.changeOil().then(shut)} />
          <FrameKey quiet label={WORDS.newPull} onPress={onAnew} />
        </View>
      )}
      headerRight={wide ? <Glances watch={watch} /> : undefined}
      aside={<Beside job={job} graph={graph} work={work} watch={watch} />}
    >
      {wide ? null : <Glances watch={watch} />}
      <Pictures watch={watch} />
      {watch.state === 'pumping' && work.mayNote && !watch.isLive && watch.moments.length > 0 ? (
        <FrameKey label={WORDS.shutNow} onPress={() => void watch.shut().then((kept) => kept && setPanel('read'))} />
      ) : null}
      {wide ? null : <Verdict watch={watch} />}
    </StageSheet>
  );
}

/** The way down, and the rise once it is shut off: below each other on a phone, beside each other where there is room. */
function Pictures({ watch }: { watch: PullWatchWork }) {
  const units = useUnits();
  const wide = useIsWide();
  const [width, setWidth] = useState(wide ? 800 : 358);
  const isRising = watch.from !== null;
  return (
    <View
      style={wide && isRising ? styles.beside : styles.below}
      onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width || width)}
    >
      <PullChart watch={watch} width={wide && isRising ? width / 2 - 10 : width} height={wide ? 360 : 270} />
      {isRising ? (
        <View>
          <Words size={15}>
            <Words size={15} bold>
              {WORDS.riseTitle}
            </Words>
            {` · ${WORDS.riseSays(formatVacuum(1, units).unit)}`}
          </Words>
          <RiseChart watch={watch} width={wide ? width / 2 - 10 : width} height={wide ? 336 : 220} />
        </View>
      ) : null}
    </View>
  );
}

/** What it shows, which instruments speak, what is kept. */
function Beside({ job, graph, work, watch }: Omit<PullWatchingProps, 'pull' | 'onAnew'> & { watch: PullWatchWork }) {
  const wide = useIsWide();
  const { live } = watch;
  return (
    <View style={styles.aside}>
      {wide ? <Verdict watch={watch} /> : null}
      <Instruments
        job={job.id}
        of={watch.pull.id}
        joined={live?.series ?? []}
        judging={{ able: ableTo(live?.series, ['vacuum']), by: watch.by ?? live?.judgedBy ?? null, choose: watch.judgeBy }}
        mayJoin={work.mayNote && watch.state !== 'judged'}
        byHand={WORDS.byHand}
        standInSays={WORDS.standInSays}
      />
      <Facts facts={work.facts.filter(({ stage }) => stage === 'pull')} nameOf={(id) => (graph ? drawnName(graph, id) : id)} work={work} />
    </View>
  );
}

const styles = StyleSheet.create({
  aside: { gap: 16 },
  keys: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  beside: { flexDirection: 'row', gap: 20 },
  below: { gap: 12 },
});
