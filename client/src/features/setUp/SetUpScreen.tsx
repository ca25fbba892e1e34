import type { JobView, JointView } from '@kesto/contract';
import { CAPTIVE_WORDS } from '@kesto/contract/wording';
import type { CircuitGraph } from '@kesto/core';
import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { CircuitDrawing } from '@/drawing/circuit/CircuitDrawing';
import { jobCells } from '@/data/jobs/cells';
import { useCaptive, useRunEvents } from '@/features/run';
import { useMayMake } from '@/session/useMayMake';
import { WithCircuit } from '@/features/stage';
import { useUnits } from '@/session/units';
import { FrameKey } from '@/ui/Buttons';
import { FlagLine } from '@/ui/Flag';
import { ListRow } from '@/ui/ListRow';
import { Ring } from '@/ui/Ring';
import { Sheet } from '@/ui/Sheet';
import { Empty, Failed, Loading } from '@/ui/states';
import { useIsWide, useTokens } from '@/ui/theme';
import { Heading, Mono, Words } from '@/ui/Words';
import { useSetUp, type OutRow, type SetUpWork } from './useSetUp';
import { WORDS } from './words';

/** Before the pipe is closed: threaded on, taken out, opened. */
export function SetUpScreen({ id }: { id: string }) {
  return <WithCircuit id={id}>{(job, graph) => <SettingUp job={job} graph={graph} />}</WithCircuit>;
}

function SettingUp({ job, graph }: { job: JobView; graph: CircuitGraph | null }) {
  const router = useRouter();
  const wide = useIsWide();
  const units = useUnits();
  const mayMake = useMayMake();
  const work = useSetUp(job, graph);
  const { out, open, loose, left, next } = work;
  const kit = { label: 'kit', onPress: () => router.push(`/jobs/${job.id}/kit`) };
  const action = next ? { label: `To joint ${next.tag}`, onPress: () => router.push(`/joints/${next.id}/run`) } : undefined;
  const says =
    left > 0
      ? `${left} to answer`
      : out.some(({ state }) => state === 'out')
        ? 'all answered; what is out goes back before the hold'
        : 'nothing open';
  return (
    <Sheet
      tag={job.unit.tag}
      title={WORDS.beforeYouCloseIt}
      subtitle={WORDS.job(job.number, says)}
      up={{ label: WORDS.jobOf(job.number), href: `/jobs/${job.id}` }}
      cells={jobCells(job)}
      action={mayMake ? action : undefined}
      round={mayMake ? kit : undefined}
    >
      {work.problem ? <Failed message={work.problem} /> : null}
      {work.isLoading ? <Loading what={WORDS.theJoints} /> : null}
      {!work.isLoading && out.length + open.length === 0 ? <Empty title={WORDS.nothingToClose} text={WORDS.jointsThatArePlanned} /> : null}
      {loose.length > 0 ? <FlagLine letter="a" text={WORDS.isItHereNot(loose.join(', '))} /> : null}
      {graph && open.length > 0 ? (
        <CircuitDrawing graph={graph} upright={!wide} maxHeight={wide ? 300 : 420} units={units} joints={open} />
      ) : null}
      <View style={wide ? styles.columns : styles.rows}>
        {out.length > 0 ? (
          <View style={wide ? styles.column : undefined}>
            <Heading size={17}>{WORDS.outBeforeTheFlame}</Heading>
            {mayMake && left > 1 ? (
              <FrameKey label={WORDS.allOut(left)} disabled={work.busy} onPress={() => void work.sayAllOut()} />
            ) : null}
            <View role="list" aria-label={WORDS.outBeforeTheFlameLabel}>
              {out.map((row) => (
                <Out key={`${row.what}${row.place}`} row={row} work={work} mayMake={mayMake} />
              ))}
            </View>
          </View>
        ) : null}
        {open.length > 0 ? (
          <View style={wide ? styles.column : undefined}>
            <Heading size={17}>{WORDS.onTheTubeBefore}</Heading>
            {open.map((joint) => (
              <OnTube key={joint.id} joint={joint} job={job} />
            ))}
          </View>
        ) : null}
      </View>
    </Sheet>
  );
}

const STATE_WORDS: Readonly<Record<OutRow['state'], string>> = { open: 'open', out: 'out', back: 'back in', none: 'none here' };

function Out({ row, work, mayMake }: { row: OutRow; work: SetUpWork; mayMake: boolean }) {
  const t = useTokens();
  const { state, name, how } = row;
  return (
    <View role="listitem" style={[styles.out, { borderColor: t.rule }]}>
      <View style={styles.says}>
        <Ring state={state === 'open' ? 'open' : state === 'out' ? 'running' : 'done'} share={0.5} />
        <View style={styles.text}>
          <Words size={15} bold>
            {name}
          </Words>
          <Words size={14} tone="ink2">
            {state === 'open' ? how : STATE_WORDS[state]}
          </Words>
        </View>
      </View>
      {mayMake && (state === 'open' || state === 'out') ? (
        <View style={styles.keys}>
          {state === 'open' ? (
            <>
              <FrameKey
                label={WORDS.itIsOut}
                says={WORDS.itIsOutOf(name)}
                disabled={work.busy}
                onPress={() => void work.say(row, 'done')}
              />
              <FrameKey
                quiet
                label={WORDS.noneHere}
                says={WORDS.noneHereOf(name)}
                disabled={work.busy}
                onPress={() => void work.say(row, 'none-here')}
              />
            </>
          ) : (
            <FrameKey
              label={WORDS.itIsBackIn}
              says={WORDS.itIsBackInOf(name)}
              disabled={work.busy}
              onPress={() => void work.say(row, 'back')}
            />
          )}
        </View>
      ) : null}
    </View>
  );
}

/** What has to be on a joint's tube; it is answered at the joint itself. */
function OnTube({ joint, job }: { joint: JointView; job: JobView }) {
  const router = useRouter();
  const captive = useCaptive(joint, job);
  const isAnswered = useRunEvents(joint).some(({ kind }) => kind === 'threaded-on' || kind === 'dry-fit');
  return (
    <ListRow role="link" onPress={() => router.push(`/joints/${joint.id}/run`)}>
      <Ring state={captive.length === 0 || isAnswered ? 'done' : 'open'} />
      <Mono size={17}>{joint.tag.slice(joint.tag.lastIndexOf('-') + 1)}</Mono>
      <View style={styles.text}>
        <Words size={15} bold>
          {joint.title}
        </Words>
        <Words size={14} tone="ink2">
          {captive.length === 0
            ? joint.at
              ? 'nothing to thread on'
              : 'not on the drawing: look for yourself'
            : captive.map((kind) => CAPTIVE_WORDS[kind]).join('; ')}
        </Words>
      </View>
    </ListRow>
  );
}

const styles = StyleSheet.create({
  columns: { flexDirection: 'row', gap: 32 },
  rows: { gap: 20 },
  column: { flex: 1 },
  out: { borderBottomWidth: 1, paddingVertical: 8, gap: 6 },
  says: { flexDirection: 'row', gap: 12, alignItems: 'center', minHeight: 48 },
  keys: { flexDirection: 'row', gap: 8, paddingLeft: 42 },
  text: { flex: 1 },
});
