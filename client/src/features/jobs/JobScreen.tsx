import type { JobView } from '@kesto/contract';
import { nextText, STAGE_WORDS } from '@kesto/contract/wording';
import { isKeptStage, type Stage } from '@kesto/core';
import { formatGaugePressure, gaugePascals, readingText } from '@kesto/core/unit';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
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

export function JobScreen({ id }: { id: string }) {
  return <WithJob id={id}>{(job) => <Ready job={job} />}</WithJob>;
}

/** One job: where it stands, its joints in brazing order, the next step as the action. */
function Ready({ job }: { job: JobView }) {
  const t = useTokens();
  const router = useRouter();
  const units = useUnits();
  const wide = useIsWide();
  const [adding, setAdding] = useState(false);
  const [noting, setNoting] = useState<Stage | null>(null);
  const mayMake = useMayMake();
  const here = job.order.find((joint) => joint.id === job.next.joint);
  const href = nextHref(job, job.next);
  const proposed = useProposed(job);
  const [first] = proposed.joints;
  const adds = first
    ? { label: `Plan ${first.title}`, disabled: proposed.busy, onPress: first.plan }
    : { label: nextText(job.next), onPress: () => setAdding(true) };
  const leadsOn = href && { label: here ? `${nextText(job.next)} ${here.tag}` : nextText(job.next), onPress: () => router.push(href) };
  // A stage without a sheet of its own takes a note.
  const notes = { label: `Note: ${STAGE_WORDS[job.stage]}`, onPress: () => setNoting(job.stage) };
  const action = leadsOn || (job.next.step === 'add-joint' ? adds : job.done || isKeptStage(job.stage) ? undefined : notes);
  const toPlan = job.order.filter((j) => j.state === 'not-planned').length;
  const pressure = (pa: number) => readingText(formatGaugePressure(gaugePascals(pa), units));
  return (
    <Sheet
      tag={job.unit.tag}
      title={`job ${job.number}, ${job.title}`}
      subtitle={`${job.circuit.refrigerant}, ${job.unit.name}`}
      up={{ label: 'today', href: '/' }}
      cells={jobCells(job)}
      action={mayMake ? action : undefined}
      aside={
        <View style={{ gap: 6 }}>
          <JobJoints job={job} mayMake={mayMake} />
          {mayMake ? <AddJoint job={job} open={adding} onOpen={() => setAdding(true)} /> : null}
          {toPlan < job.order.length ? (
            <FrameKey label="Print the plans" onPress={() => window.open(addressOf('plansPdf', { job: job.id }), '_blank')} />
          ) : null}
          <BendsKey job={job} />
          {mayMake ? <CircuitOfJob job={job} /> : null}
          {mayMake ? <FrameKey label="Practice on this job" onPress={() => router.push(`/jobs/${job.id}/schools`)} /> : null}
          <JobNotes job={job} />
          <JobRecord job={job} />
        </View>
      }
    >
      {job.done ? null : <LeftForYou notes={job.stages.notes ?? []} />}
      <View style={wide ? { flexDirection: 'row', gap: 16, alignItems: 'center' } : { gap: 12 }}>
        <View style={wide ? { flex: 1 } : undefined}>
          <StageCoil
            stage={job.stage}
            began={job.began}
            done={job.done}
            onOpen={(stage) => {
              const sheet = sheetHref(job.id, stage);
              if (sheet) router.push(sheet);
              else setNoting(stage);
            }}
          />
        </View>
        {wide ? (
          <View style={{ flex: 1 }}>
            <JobCircuit job={job} />
          </View>
        ) : null}
      </View>
      <View style={{ borderTopWidth: 2, borderColor: t.copper, paddingTop: 10, gap: 10 }}>
        <Words size={15}>
          <Words size={15} bold>
            order to braze
          </Words>
          {job.order.length === 0 ? ' · no joint yet' : toPlan > 0 ? ` · ${toPlan} to plan` : ' · all planned'}
        </Words>
        <JointOrder joints={job.order} here={here?.id ?? null} onOpen={(j) => router.push(`/joints/${j.id}`)} />
        {job.order.length > 0 ? (
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
            {job.order.length > 1 ? (
              <FrameKey
                label={job.keptOrder ? 'The order that was kept' : 'In which order'}
                onPress={() => router.push(`/jobs/${job.id}/order`)}
              />
            ) : null}
            <FrameKey label={job.kit ? 'The kit that was kept' : 'The kit'} onPress={() => router.push(`/jobs/${job.id}/kit`)} />
            <FrameKey label="Before you close it" onPress={() => router.push(`/jobs/${job.id}/set-up`)} />
          </View>
        ) : null}
        {mayMake ? <ProposedJoints proposed={proposed} /> : null}
      </View>
      <Words size={15} tone="ink2">
        high side {pressure(job.circuit.highSideDesignGaugePa)}, low side {pressure(job.circuit.lowSideDesignGaugePa)} on the plate
      </Words>
      {wide ? null : <JobCircuit job={job} />}
      <StageNoteOver job={job} stage={noting} onClose={() => setNoting(null)} />
    </Sheet>
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
  if (!open) return <FrameKey label="Add a joint" onPress={onOpen} />;
  return (
    <View style={{ gap: 8 }}>
      <FigureFields figures={figures} />
      <FieldError text={problem?.message} />
      <FrameKey label="Plan this joint" disabled={busy || figures.textOf('title').trim() === ''} onPress={() => void figures.submit(add)} />
    </View>
  );
}
