import type { JobView } from '@kesto/contract';
import { drawnName, showIn } from '@kesto/contract/wording';
import type { CircuitGraph, KeptHold } from '@kesto/core';
import { formatGaugePressure, formatNumber, gaugePascals, readingText } from '@kesto/core/unit';
import { useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { addressOf } from '@/api/call';
import { jobCells } from '@/data/jobs/cells';
import { sectionName } from '@/data/stages/sections';
import type { StageWork } from '@/data/stages/useStage';
import { ableTo, Instruments } from '@/features/instruments';
import { Facts, Leaving } from '@/features/stage';
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
import { useHoldWatch } from './useHoldWatch';

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
export function HoldWatching({ job, graph, work, kept, onAnother, children }: HoldWatchingProps) {
  const units = useUnits();
  const wide = useIsWide();
  const watch = useHoldWatch(job, graph, work, kept);
  const [panel, setPanel] = useState<Panel | null>(null);
  const [width, setWidth] = useState(wide ? 800 : 358);
  const { values } = kept.began;
  const nameOf = (id: string) => (graph ? drawnName(graph, id) : id);
  const what = values.rig || !graph ? WORDS.rig : sectionName(graph, values.parts, nameOf);
  const full = readingText(formatGaugePressure(gaugePascals((values.stepsKpag.at(-1) ?? 0) * 1000), units));
  const close = () => setPanel(null);
  const action = actionOf(watch, { open: setPanel, busy: work.busy, units });
  const mayJoin = work.mayNote && watch.state !== 'ended';
  const mayRead = work.mayNote && !watch.isLive && watch.state === 'holding' && panel === null;
  return (
    <Sheet
      tag={job.unit.tag}
      title={`${what}, on hold`}
      subtitle={`${values.gas.replaceAll('-', ' ')}, ${full}, ${formatNumber(values.volume.value, 2)}\u00a0${values.volume.unit}`}
      up={{ label: `job ${job.number}`, href: `/jobs/${job.id}` }}
      cells={jobCells(job)}
      headerRight={wide ? <Glances watch={watch} /> : undefined}
      action={work.mayNote && panel === null ? action : undefined}
      round={
        work.mayMake
          ? { label: panel ? 'close' : 'more', pressed: panel !== null, onPress: () => setPanel(panel ? null : 'leave') }
          : undefined
      }
      over={
        panel === 'read' ? (
          <ReadForm hold={kept.id} work={work} onKept={close} />
        ) : panel === 'down' ? (
          <LetDown busy={work.busy} onKeep={(to) => void watch.letDown(to)} />
        ) : panel === 'leave' ? (
          <View style={styles.panel}>
            {watch.state === 'holding' ? (
              <FrameKey label={WORDS.end} onPress={() => void watch.end().then((kept) => kept && close())} />
            ) : null}
            {watch.state === 'filling' ? <FrameKey label={WORDS.letDown} onPress={() => setPanel('down')} /> : null}
            <FrameKey quiet label={WORDS.another} onPress={onAnother} />
            <Leaving work={work} skipSays={WORDS.skipSays} onKept={close} />
          </View>
        ) : null
      }
      overOpen={panel !== null}
      aside={
        <View style={styles.aside}>
          <SoapList watch={watch} mayNote={work.mayNote} />
          <Instruments
            job={job.id}
            of={kept.id}
            joined={watch.live?.series ?? []}
            mayJoin={mayJoin}
            byHand={WORDS.byHand}
            standInSays={WORDS.standInSays}
            judging={{
              able: ableTo(watch.live?.series, ['gauge-pressure', 'pipe-temperature']),
              by: watch.by ?? watch.live?.judgedBy ?? null,
              choose: watch.judgeBy,
            }}
          >
            {mayJoin && !watch.isLive ? <LogReader job={job.id} hold={kept.id} beganAt={kept.began.at} /> : null}
            {watch.isLive ? (
              <FrameKey
                quiet
                label={WORDS.asCsv}
                onPress={() => window.open(addressOf('holdCsv', { job: job.id, hold: kept.id }), '_blank')}
              />
            ) : null}
          </Instruments>
          <Outlook watch={watch} graph={graph} away={values.distanceM === null ? null : showIn(units).distance(values.distanceM)} />
          <Facts facts={work.facts.filter(({ stage }) => stage === 'hold')} nameOf={nameOf} work={work} />
        </View>
      }
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
      <View onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width || width)}>
        <HoldChart
          width={width}
          height={wide ? 340 : 330}
          facts={{
            ...{ tracks: watch.tracks, beganAt: kept.began.at, nowS: watch.sinceBegan, shutS: watch.shutS, settledS: watch.settledS },
            ...{ plannedMinutes: watch.planned, fullKpag: values.stepsKpag.at(-1) ?? 1, curve: watch.curve },
          }}
        />
      </View>
      {mayRead && watch.isOver ? <FrameKey label={WORDS.note} onPress={() => setPanel('read')} /> : null}
      <Looks watch={watch} refrigerant={job.circuit.refrigerant} />
    </Sheet>
  );
}

const styles = StyleSheet.create({ panel: { gap: 18 }, aside: { gap: 16 } });
