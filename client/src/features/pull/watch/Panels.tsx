import { micronOf } from '@kesto/core/pull';
import { StyleSheet, View } from 'react-native';
import type { StageWork } from '@/data/stages/useStage';
import { FigureFields } from '@/forms/FigureFields';
import { useFigures } from '@/forms/useFigures';
import { FrameKey, KeepKey } from '@/ui/Buttons';
import { Heading, Words } from '@/ui/Words';
import { WORDS } from '../words';
import { mmss } from './mmss';
import type { PullWatchWork } from './usePullWatch';

interface PanelProps {
  readonly watch: PullWatchWork;
  readonly work: StageWork;
  readonly onKept: () => void;
  /** What is kept now is enough to judge by, and is to be judged. */
  readonly onJudge: () => void;
}

const READ = { pressure: { label: 'gauge', kind: 'vacuum' } } as const;

/** The vacuum gauge, as it reads now. */
export function VacuumForm({ watch, work, onKept, onJudge }: PanelProps) {
  const figures = useFigures(work.keptAs(`read.${watch.pull.id}`), READ);
  const keep = (then: () => void) =>
    figures.submit(async ({ pressure }) => {
      const isSafe = await watch.read(pressure);
      if (isSafe) then();
      return isSafe;
    });
  return (
    <View style={styles.form}>
      <Heading size={20}>{WORDS.readTitle}</Heading>
      {watch.state === 'watching' ? (
        <Words size={15} tone="ink2">
          {WORDS.notedSince(watch.readings.length, mmss(watch.leftS))}
        </Words>
      ) : null}
      <FigureFields figures={figures} />
      {watch.state === 'watching' && watch.isLastReading ? (
        <>
          <KeepKey label={WORDS.keepAndJudge} busy={work.busy} onPress={() => void keep(onJudge)} />
          <FrameKey quiet label={WORDS.keepOnly} disabled={work.busy} onPress={() => void keep(onKept)} />
        </>
      ) : (
        <>
          <KeepKey label={WORDS.keepReading} busy={work.busy} onPress={() => void keep(onKept)} />
          {watch.state === 'pumping' ? (
            <FrameKey label={WORDS.keepAndShut} disabled={work.busy} onPress={() => void keep(() => void watch.shut())} />
          ) : null}
        </>
      )}
    </View>
  );
}

const BREAK = {
  reached: { label: 'reached', kind: 'vacuum' },
  brokenTo: { label: 'broken to', kind: 'pressure', hint: '0 to 14 kPag' },
  minutes: { label: 'stood', kind: 'minutes' },
} as const;
const STOOD = { brokenTo: '7 kPa', minutes: '10 min' } as const;

/** Dry nitrogen let in, left to stand, and pulled out again. */
export function BreakForm({ watch, work, onKept }: PanelProps) {
  const reached = watch.last ? `${Math.round(micronOf(watch.last.pa))} micron` : '';
  const figures = useFigures(work.keptAs(`break.${watch.pull.id}.${watch.breaks.length}`), BREAK, { ...STOOD, reached });
  const keep = () =>
    figures.submit(async (typed) => {
      const isSafe = await watch.breakWith(typed.reached, typed.brokenTo, typed.minutes.value);
      if (isSafe) onKept();
      return isSafe;
    });
  return (
    <View style={styles.form}>
      <Heading size={20}>{WORDS.breakTitle}</Heading>
      <Words size={15} tone="ink2">
        {WORDS.breakSays}
      </Words>
      <FigureFields figures={figures} />
      <KeepKey label={WORDS.keepBreak} busy={work.busy} onPress={() => void keep()} />
    </View>
  );
}

const styles = StyleSheet.create({ form: { gap: 10 } });
