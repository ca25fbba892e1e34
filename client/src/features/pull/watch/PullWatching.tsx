import type { JobView } from '@kesto/contract';
import { drawnName, stillOpenText } from '@kesto/contract/wording';
import type { CircuitGraph, KeptPull } from '@kesto/core';
import { formatNumber, formatVacuum } from '@kesto/core/unit';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
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

function actionOf(watch: PullWatchWork, work: StageWork, acts: { open: (panel: Panel | null) => void; up: () => void }): SheetAction {
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
  // Of a rise many readings are noted one after the other: the sheet stays until it can be judged.
  const isWatched = watch.state === 'watching' && !watch.maySay;
  const panelProps = { watch, work, onKept: panel === 'read' && isWatched ? () => undefined : close };
  const isShown = panel !== null && !(panel === 'read' && watch.state === 'watching' && watch.maySay);
  return (
    <StageSheet
      job={job}
      work={work}
      title={WORDS.title}
      subtitle={`${formatNumber(volume.value, 1)}\u00a0${volume.unit}, ${job.circuit.refrigerant}`}
      skipSays={WORDS.skipSays}
      action={work.mayMake ? actionOf(watch, work, { open: setPanel, up: () => router.push(`/jobs/${job.id}`) }) : null}
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
      aside={
        <View style={styles.aside}>
          {wide ? <Verdict watch={watch} /> : null}
          <Instruments
            job={job.id}
            of={pull.id}
            joined={watch.live?.series ?? []}
            judging={{ able: ableTo(watch.live?.series, ['vacuum']), by: watch.by ?? watch.live?.judgedBy ?? null, choose: watch.judgeBy }}
            mayJoin={work.mayNote && watch.state !== 'judged'}
            byHand={WORDS.byHand}
            standInSays={WORDS.standInSays}
          />
          <Facts facts={work.facts.filter(({ stage }) => stage === 'pull')} nameOf={nameOf} work={work} />
        </View>
      }
    >
      {wide ? null : <Glances watch={watch} />}
      <View
        style={wide && watch.from !== null ? styles.beside : styles.below}
        onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width || width)}
      >
        <PullChart watch={watch} width={wide && watch.from !== null ? width / 2 - 10 : width} height={wide ? 360 : 270} />
        {watch.from === null ? null : (
          <View>
            <Words size={15}>
              <Words size={15} bold>
                {WORDS.riseTitle}
              </Words>
              {` · ${WORDS.riseSays(formatVacuum(1, units).unit)}`}
            </Words>
            <RiseChart watch={watch} width={wide ? width / 2 - 10 : width} height={wide ? 336 : 220} />
          </View>
        )}
      </View>
      {watch.state === 'pumping' && work.mayNote && !watch.isLive && watch.moments.length > 0 ? (
        <FrameKey label={WORDS.shutNow} onPress={() => void watch.shut()} />
      ) : null}
      {wide ? null : <Verdict watch={watch} />}
    </StageSheet>
  );
}

const styles = StyleSheet.create({
  aside: { gap: 16 },
  keys: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  beside: { flexDirection: 'row', gap: 20 },
  below: { gap: 12 },
});
