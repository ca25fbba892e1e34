import type { JobView } from '@kesto/contract';
import { nextText, STAGE_WORDS } from '@kesto/contract/wording';
import { isKeptStage, type Stage } from '@kesto/core';
import { formatGaugePressure, gaugePascals, readingText } from '@kesto/core/unit';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { v7 as uuid } from 'uuid';
import { addressOf } from '@/api/call';
import { BendsKey } from '@/features/bends';
import { JobRecord } from '@/features/jobRecord';
import { useMayMake } from '@/session/useMayMake';
import { nextHref, sheetHref } from '@/data/stages/stageHref';
import { useWrite } from '@/outbox';
import { useUnits } from '@/session/units';
import { JointOrder } from '@/ui/JointOrder';
import { FrameKey } from '@/ui/Buttons';
import { FieldError } from '@/ui/FieldError';
import type { Read } from '@/forms/fields';
import { FigureFields } from '@/forms/FigureFields';
import { useFigures } from '@/forms/useFigures';
import { Sheet } from '@/ui/Sheet';
import { StageCoil } from '@/ui/StagePath';
import { useIsWide, useTokens } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { jobCells } from '@/data/jobs/cells';
import { CircuitOfJob } from './CircuitOfJob';
import { JobCircuit } from './JobCircuit';
import { JobJoints } from './JobJoints';
import { JobNotes } from './JobNotes';
import { LeftForYou } from './LeftForYou';
import { ProposedJoints } from './ProposedJoints';
import { StageNoteOver } from './StageNoteOver';
import { useProposed } from './useProposed';
import { WithJob } from '@/data/jobs/WithJob';
import { useProvisionalTag } from '@/data/jobs/provisionalTag';
import { jointWrite } from '@/data/jobs/writes';
import { WORDS } from './words';

export function JobScreen({ id }: { id: string }) {
  return <WithJob id={id}>{(job) => <Ready job={job} />}</WithJob>;
}

/** What comes next in the job, and where it is done; nothing where it is closed. */
function useNext(job: JobView, acts: { add: () => void; note: (stage: Stage) => void }) {
  const router = useRouter();
  const here = job.order.find((joint) => joint.id === job.next.joint);
  const href = nextHref(job, job.next);
  const proposed = useProposed(job);
  const [first] = proposed.joints;
  const adds = first
    ? { label: WORDS.planNext(first.title), disabled: proposed.busy, onPress: first.plan }
    : { label: nextText(job.next), onPress: acts.add };
  const leadsOn = href && { label: here ? `${nextText(job.next)} ${here.tag}` : nextText(job.next), onPress: () => router.push(href) };
  // A stage without a sheet of its own takes a note.
  const notes = { label: WORDS.note(STAGE_WORDS[job.stage]), onPress: () => acts.note(job.stage) };
  const action = leadsOn || (job.next.step === 'add-joint' ? adds : job.done || isKeptStage(job.stage) ? undefined : notes);
  return { here, proposed, action };
}

/** One job: where it stands, its joints in brazing order, the next step as the action. */
function Ready({ job }: { job: JobView }) {
  const wide = useIsWide();
  const units = useUnits();
  const [adding, setAdding] = useState(false);
  const [noting, setNoting] = useState<Stage | null>(null);
  const mayMake = useMayMake();
  const { here, proposed, action } = useNext(job, { add: () => setAdding(true), note: setNoting });
  const pressure = (pa: number) => readingText(formatGaugePressure(gaugePascals(pa), units));
  return (
    <Sheet
      tag={job.unit.tag}
      title={WORDS.jobOf(job.number, job.title)}
      subtitle={`${job.circuit.refrigerant}, ${job.unit.name}`}
      up={{ label: WORDS.today, href: '/' }}
      cells={jobCells(job)}
      action={mayMake ? action : undefined}
      aside={<Beside job={job} adding={adding} onAdd={() => setAdding(true)} />}
    >
      {job.done ? null : <LeftForYou notes={job.stages.notes ?? []} />}
      <Standing job={job} onNote={setNoting} />
      <OrderToBraze job={job} here={here?.id ?? null} proposed={proposed} />
      <Words size={15} tone="ink2">
        {WORDS.plate(pressure(job.circuit.highSideDesignGaugePa), pressure(job.circuit.lowSideDesignGaugePa))}
      </Words>
      {wide ? null : <JobCircuit job={job} />}
      <StageNoteOver job={job} stage={noting} onClose={() => setNoting(null)} />
    </Sheet>
  );
}

/** Its joints, what may be done with the whole of it, what was said of it. */
function Beside({ job, adding, onAdd }: { job: JobView; adding: boolean; onAdd: () => void }) {
  const router = useRouter();
  const mayMake = useMayMake();
  const isPlanned = job.order.some(({ state }) => state !== 'not-planned');
  return (
    <View style={styles.beside}>
      <JobJoints job={job} mayMake={mayMake} />
      {mayMake ? <AddJoint job={job} open={adding} onOpen={onAdd} /> : null}
      {isPlanned ? (
        <FrameKey label={WORDS.printPlans} onPress={() => window.open(addressOf('plansPdf', { job: job.id }), '_blank')} />
      ) : null}
      <BendsKey job={job} />
      {mayMake ? <CircuitOfJob job={job} /> : null}
      {mayMake ? <FrameKey label={WORDS.practice} onPress={() => router.push(`/jobs/${job.id}/schools`)} /> : null}
      <JobNotes job={job} />
      <JobRecord job={job} />
    </View>
  );
}

/** How far it has come; a stage opens its sheet, or what is noted of it. */
function Standing({ job, onNote }: { job: JobView; onNote: (stage: Stage) => void }) {
  const router = useRouter();
  const wide = useIsWide();
  const open = (stage: Stage) => {
    const sheet = sheetHref(job.id, stage);
    if (sheet) router.push(sheet);
    else onNote(stage);
  };
  return (
    <View style={wide ? styles.columns : styles.rows}>
      <View style={wide ? styles.grow : undefined}>
        <StageCoil stage={job.stage} began={job.began} done={job.done} onOpen={open} />
      </View>
      {wide ? (
        <View style={styles.grow}>
          <JobCircuit job={job} />
        </View>
      ) : null}
    </View>
  );
}

interface OrderProps {
  readonly job: JobView;
  readonly here: string | null;
  readonly proposed: ReturnType<typeof useProposed>;
}

/** Its joints in the order they are made, and what is laid out and taken out before. */
function OrderToBraze({ job, here, proposed }: OrderProps) {
  const t = useTokens();
  const router = useRouter();
  const mayMake = useMayMake();
  const toPlan = job.order.filter(({ state }) => state === 'not-planned').length;
  const to = (page: 'order' | 'kit' | 'set-up') => router.push(`/jobs/${job.id}/${page}`);
  return (
    <View style={[styles.order, { borderColor: t.copper }]}>
      <Words size={15}>
        <Words size={15} bold>
          {WORDS.order}
        </Words>
        {` · ${job.order.length === 0 ? WORDS.noJoint : toPlan > 0 ? WORDS.toPlan(toPlan) : WORDS.allPlanned}`}
      </Words>
      <JointOrder joints={job.order} here={here} onOpen={(joint) => router.push(`/joints/${joint.id}`)} />
      {job.order.length > 0 ? (
        <View style={styles.keys}>
          {job.order.length > 1 ? (
            <FrameKey label={job.keptOrder ? WORDS.keptOrder : WORDS.inWhichOrder} onPress={() => to('order')} />
          ) : null}
          <FrameKey label={job.kit ? WORDS.keptKit : WORDS.kit} onPress={() => to('kit')} />
          <FrameKey label={WORDS.beforeClosed} onPress={() => to('set-up')} />
        </View>
      ) : null}
      {mayMake && !job.done ? <ProposedJoints proposed={proposed} /> : null}
    </View>
  );
}

const PLACE = { title: { label: 'where it is', kind: 'name', testID: 'joint-title' } } as const;

function AddJoint({ job, open, onOpen }: { job: JobView; open: boolean; onOpen: () => void }) {
  const router = useRouter();
  const figures = useFigures(`${job.id}.joint`, PLACE);
  const calledAs = useProvisionalTag();
  const { keep, busy, problem } = useWrite();
  async function add({ title }: Read<typeof PLACE>): Promise<boolean> {
    const id = uuid();
    const isSafe = await keep(jointWrite(job.id, id, { title, ...calledAs(job) }));
    if (isSafe) router.push(`/joints/${id}`);
    return isSafe;
  }
  if (!open) return <FrameKey label={WORDS.addAJoint} onPress={onOpen} />;
  return (
    <View style={styles.form}>
      <FigureFields figures={figures} />
      <FieldError text={problem?.message} />
      <FrameKey
        label={WORDS.planThisJoint}
        disabled={busy || figures.textOf('title').trim() === ''}
        onPress={() => void figures.submit(add)}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  beside: { gap: 6 },
  columns: { flexDirection: 'row', gap: 16, alignItems: 'center' },
  rows: { gap: 12 },
  grow: { flex: 1 },
  order: { borderTopWidth: 2, paddingTop: 10, gap: 10 },
  keys: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  form: { gap: 8 },
});
