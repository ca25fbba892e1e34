import type { JobView } from '@kesto/contract';
import { placeName } from '@kesto/contract/wording';
import { StyleSheet, View } from 'react-native';
import { WithJob } from '@/data/jobs/WithJob';
import { jobCells } from '@/data/jobs/cells';
import { BendsAsked, Facts, Leaving, useBendsAction } from '@/features/stage';
import { Freshness } from '@/features/torch';
import { Sheet } from '@/ui/Sheet';
import { Failed } from '@/ui/states';
import { useIsWide, useTokens } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { Cooling } from './Cooling';
import { OutOfService } from './OutOfService';
import { PointForm } from './PointForm';
import { PointRow } from './PointRow';
import { useSafeScreen, type SafeWork } from './useSafeScreen';
import { WatchRow } from './WatchRow';
import { WORDS } from './words';

export function SafeScreen({ id }: { id: string }) {
  return <WithJob id={id}>{(job) => <Ready job={job} />}</WithJob>;
}

/** May the torch be lit here: not before this list is answered. */
function Ready({ job }: { job: JobView }) {
  const safe = useSafeScreen(job);
  const { stage, panel, setPanel } = safe;
  const action = useBendsAction(stage, safe.action);
  const more = { label: panel ? WORDS.close : WORDS.more, pressed: panel !== null };
  return (
    <Sheet
      tag={job.unit.tag}
      title={WORDS.title}
      subtitle={WORDS.job(job.number, job.title)}
      up={{ label: WORDS.jobOf(job.number), href: `/jobs/${job.id}` }}
      cells={jobCells(job)}
      action={stage.mayMake && panel === null ? (action ?? undefined) : undefined}
      round={stage.mayMake ? { ...more, onPress: () => setPanel(panel ? null : 'leave') } : undefined}
      aside={
        <Facts facts={stage.facts.filter((fact) => fact.stage === 'make-safe')} nameOf={(place) => placeName(null, place)} work={stage} />
      }
      over={<Over job={job} safe={safe} />}
      overOpen={panel !== null}
    >
      {stage.problem ? <Failed message={stage.problem} /> : null}
      <Verdict safe={safe} />
      {safe.lock ? null : <Freshness {...safe.fresh} />}
      {stage.mayMake ? <BendsAsked work={stage} /> : null}
      <Points safe={safe} />
      {safe.isFlameless ? null : <WatchRow work={stage} job={job} />}
      <OutOfService work={stage} />
      <Words size={14} tone="ink2">
        {WORDS.whoOverrules}
      </Words>
    </Sheet>
  );
}

function Over({ job, safe: { panel, stage, close, goOn } }: { job: JobView; safe: SafeWork }) {
  if (panel === 'leave' || panel === null)
    return (
      <Leaving work={stage} skipSays={WORDS.skipSays} onKept={close}>
        <Cooling work={stage} onKept={close} />
      </Leaving>
    );
  return <PointForm key={panel.point} point={panel.point} job={job} work={stage} onKept={() => goOn(panel.point)} />;
}

/** The word that matters, and how much is open. */
function Verdict({ safe: { lock, fresh, isFlameless, openCount } }: { safe: SafeWork }) {
  const isStale = fresh.again.length > 0;
  const says = lock ? WORDS.notYet : isFlameless ? WORDS.mayOpen : isStale ? WORDS.readAgain : WORDS.mayLight;
  return (
    <View style={styles.verdict}>
      <Words size={34} bold tone={lock ? 'red' : isStale ? 'amber' : 'teal'} role="status">
        {says}
      </Words>
      <Words size={15} tone="ink2" style={styles.shrink}>
        {saysOf(openCount, { locked: lock !== null, flame: !isFlameless })}
      </Words>
    </View>
  );
}

function saysOf(open: number, { locked, flame }: { locked: boolean; flame: boolean }): string {
  if (open === 0) return locked ? WORDS.openedAgain : WORDS.allAnswered;
  return locked ? WORDS.openBefore(open, flame) : WORDS.stillOpen(open);
}

function Points({ safe: { points, stage, fresh, mayAnswer, setPanel } }: { safe: SafeWork }) {
  const t = useTokens();
  const wide = useIsWide();
  return (
    <View style={[styles.points, { borderColor: t.copper }, wide ? styles.columns : null]}>
      {points.map(({ state, isOverruled }) => (
        <PointRow
          key={state.point}
          state={state}
          isOverruled={isOverruled}
          wide={wide}
          again={fresh.again.includes(state.point)}
          onOpen={mayAnswer(state.point) ? () => setPanel({ point: state.point }) : null}
          onAnswer={mayAnswer(state.point) && !stage.busy ? (answer) => void answer.keep(stage) : null}
        />
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  verdict: { flexDirection: 'row', alignItems: 'center', gap: 18, flexWrap: 'wrap' },
  shrink: { flexShrink: 1 },
  points: { borderTopWidth: 2 },
  columns: { flexDirection: 'row', flexWrap: 'wrap', columnGap: 24 },
});
