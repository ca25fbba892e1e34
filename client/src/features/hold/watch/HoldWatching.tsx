import type { JobView } from '@kesto/contract';
import { drawnName, showIn } from '@kesto/contract/wording';
import { isLeftAlone, type CircuitGraph, type KeptHold, type VentPlace } from '@kesto/core';
import { formatGaugePressure, formatNumber, gaugePascals, readingText } from '@kesto/core/unit';
import { useRouter } from 'expo-router';
import { useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { addressOf } from '@/api/call';
import { jobCells } from '@/data/jobs/cells';
import { sectionName } from '@/data/stages/sections';
import { bendsHref, toPullHref } from '@/data/stages/stageHref';
import type { StageWork } from '@/data/stages/useStage';
import { ableTo, Instruments } from '@/features/instruments';
import { BendsAsked, Facts, Leaving } from '@/features/stage';
import { useUnits } from '@/session/units';
import { FrameKey } from '@/ui/Buttons';
import { FlagLine } from '@/ui/Flag';
import { Sheet } from '@/ui/Sheet';
import { Failed } from '@/ui/states';
import { useIsWide } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { WORDS } from '../words';
import { actionOf, type Panel } from './action';
import { Glances } from './Glances';
import { HoldChart } from './HoldChart';
import { LetDown } from './LetDown';
import { LogReader } from './LogReader';
import { Looks } from './Looks';
import { Outlook } from './Outlook';
import { ReadForm } from './ReadForm';
import { SoapList } from './SoapList';
import { useHoldWatch, type HoldWatchWork } from './useHoldWatch';
import { verdictOf } from './verdict';

interface HoldWatchingProps {
  readonly job: JobView;
  readonly graph: CircuitGraph | null;
  readonly work: StageWork;
  readonly kept: KeptHold;
  /** Another section is held as well. */
  readonly onAnother: () => void;
  readonly children?: ReactNode;
}

/** A section under pressure, watched. */
export function HoldWatching(props: HoldWatchingProps) {
  const { job, graph, work, kept, children } = props;
  const units = useUnits();
  const wide = useIsWide();
  const watch = useHoldWatch(job, graph, work, kept);
  const [panel, setPanel] = useState<Panel | null>(null);
  const { values } = kept.began;
  const what = values.rig || !graph ? WORDS.rig : sectionName(graph, values.parts, (id) => drawnName(graph, id));
  const full = readingText(formatGaugePressure(gaugePascals((values.stepsKpag.at(-1) ?? 0) * 1000), units));
  const router = useRouter();
  const action =
    watch.state === 'holding' && isLeftAlone(work.facts)
      ? { label: WORDS.readFirst, onPress: () => router.push(bendsHref(job.id)) }
      : actionOf(watch, { open: setPanel, busy: work.busy, units });
  const mayRead = work.mayNote && !watch.isLive && watch.state === 'holding' && panel === null;
  const more = { label: panel ? WORDS.close : WORDS.more, pressed: panel !== null };
  return (
    <Sheet
      tag={job.unit.tag}
      title={WORDS.onHold(what)}
      subtitle={`${values.gas.replaceAll('-', ' ')}, ${full}, ${formatNumber(values.volume.value, 2)}\u00a0${values.volume.unit}`}
      up={{ label: WORDS.job(job.number), href: `/jobs/${job.id}` }}
      cells={jobCells(job)}
      headerRight={wide ? <Glances watch={watch} /> : undefined}
      action={work.mayNote && panel === null ? action : undefined}
      round={work.mayMake ? { ...more, onPress: () => setPanel(panel ? null : 'leave') } : undefined}
      over={panel ? <Over {...props} watch={watch} panel={panel} onPanel={setPanel} /> : null}
      overOpen={panel !== null}
      aside={<Beside {...props} watch={watch} />}
    >
      {work.problem ? <Failed message={work.problem} /> : null}
      {children}
      {watch.isOverCap ? <FlagLine stop letter="!" text={WORDS.letDownNow} /> : null}
      {wide ? null : <Glances watch={watch} />}
      {watch.state === 'filling' && watch.next === null && watch.standLeftS === 0 ? (
        <Words size={17} bold>
          {WORDS.supply}
        </Words>
      ) : null}
      {work.mayMake ? <BendsAsked work={work} /> : null}
      <Picture watch={watch} kept={kept} />
      {mayRead && watch.isOver ? <FrameKey label={WORDS.note} onPress={() => setPanel('read')} /> : null}
      <Looks watch={watch} refrigerant={job.circuit.refrigerant} />
    </Sheet>
  );
}

interface WatchProps extends HoldWatchingProps {
  readonly watch: HoldWatchWork;
}

/** Everything of the hold on one paper. */
function Picture({ watch, kept }: Pick<WatchProps, 'watch' | 'kept'>) {
  const wide = useIsWide();
  const [width, setWidth] = useState(wide ? 800 : 358);
  return (
    <View onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width || width)}>
      <HoldChart
        width={width}
        height={wide ? 340 : 330}
        facts={{
          ...{ tracks: watch.tracks, beganAt: kept.began.at, nowS: watch.sinceBegan, shutS: watch.shutS, settledS: watch.settledS },
          ...{ plannedMinutes: watch.planned, fullKpag: kept.began.values.stepsKpag.at(-1) ?? 1, curve: watch.curve },
        }}
      />
    </View>
  );
}

/** What lies over the hold: a reading, letting it down, leaving it. */
function Over({
  job,
  work,
  kept,
  watch,
  panel,
  onPanel,
  onAnother,
}: WatchProps & { panel: Panel; onPanel: (panel: Panel | null) => void }) {
  const units = useUnits();
  const router = useRouter();
  const close = () => onPanel(null);
  // Tight, and nothing but the gas in it keeps the stage open.
  const isLast = kept.ended?.values.verdict === 'tight' && work.gates.every(({ gate }) => gate === 'under-pressure');
  const letDownAndOn = async (to: VentPlace) => {
    if ((await watch.letDown(to)) && (await work.note('done', {}))) router.push(toPullHref(job.id));
  };
  if (panel === 'read') return <ReadForm hold={kept.id} work={work} onKept={close} />;
  if (panel === 'down')
    return (
      <LetDown
        showed={kept.ended ? verdictOf(kept.ended.values, units).title : null}
        busy={work.busy}
        onKeep={(to) => void watch.letDown(to)}
        onLast={isLast ? (to) => void letDownAndOn(to) : null}
      />
    );
  return (
    <View style={styles.panel}>
      {watch.state === 'holding' ? (
        <FrameKey label={WORDS.end} onPress={() => void watch.end().then((isSafe) => isSafe && close())} />
      ) : null}
      {watch.state === 'filling' ? <FrameKey label={WORDS.letDown} onPress={() => onPanel('down')} /> : null}
      <FrameKey quiet label={WORDS.another} onPress={onAnother} />
      <Leaving work={work} skipSays={WORDS.skipSays} onKept={close} />
    </View>
  );
}

/** What is soaped, which instruments speak, how it goes on, what is kept. */
function Beside({ job, graph, work, kept, watch }: WatchProps) {
  const units = useUnits();
  const mayJoin = work.mayNote && watch.state !== 'ended';
  const { distanceM } = kept.began.values;
  const judging = {
    able: ableTo(watch.live?.series, ['gauge-pressure', 'pipe-temperature']),
    by: watch.by ?? watch.live?.judgedBy ?? null,
    choose: watch.judgeBy,
  };
  const asCsv = () => window.open(addressOf('holdCsv', { job: job.id, hold: kept.id }), '_blank');
  return (
    <View style={styles.aside}>
      <SoapList watch={watch} mayNote={work.mayNote} />
      <Instruments
        job={job.id}
        of={kept.id}
        joined={watch.live?.series ?? []}
        mayJoin={mayJoin}
        byHand={WORDS.byHand}
        standInSays={WORDS.standInSays}
        judging={judging}
      >
        {mayJoin && !watch.isLive ? <LogReader job={job.id} hold={kept.id} beganAt={kept.began.at} /> : null}
        {watch.isLive ? <FrameKey quiet label={WORDS.asCsv} onPress={asCsv} /> : null}
      </Instruments>
      <Outlook watch={watch} graph={graph} away={distanceM === null ? null : showIn(units).distance(distanceM)} />
      <Facts facts={work.facts.filter(({ stage }) => stage === 'hold')} nameOf={(id) => (graph ? drawnName(graph, id) : id)} work={work} />
    </View>
  );
}

const styles = StyleSheet.create({ panel: { gap: 18 }, aside: { gap: 16 } });
