import type { JobSummary } from '@kesto/contract';
import type { JointPlace } from '@kesto/core';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { v7 as uuid } from 'uuid';
import { useJob } from '@/data/jobs/useJob';
import { useProvisionalTag } from '@/data/jobs/provisionalTag';
import { jointWrite } from '@/data/jobs/writes';
import { useTodayQuery } from '@/data/today/api';
import { useWrite } from '@/outbox';
import { arrange } from '@/ui/arrange';
import { Choice, FrameKey } from '@/ui/Buttons';
import { Failed } from '@/ui/states';
import { Heading, Words } from '@/ui/Words';
import type { JointHere } from './jointsHere';
import { WORDS } from './words';

interface PlanHereProps {
  readonly unitId: string;
  readonly circuitId: string;
  readonly joints: readonly JointHere[];
  /** The drawing has steps that are not kept: a joint sits on what is. */
  readonly touched: boolean;
}

/** A joint at an end of the tube, or of the part, that was tapped, in a job that is open on this circuit: the planner takes what the drawing knows. */
export function PlanHere({ unitId, circuitId, joints, touched }: PlanHereProps) {
  const router = useRouter();
  const { data: today } = useTodayQuery();
  const jobs = (today?.jobs ?? []).filter((job) => job.circuitId === circuitId);
  if (joints.length === 0) return null;
  if (touched)
    return (
      <Words size={15} tone="ink2">
        {WORDS.keepTheDrawingFirst}
      </Words>
    );
  if (jobs.length === 0) return <FrameKey label={WORDS.openAJobTo} onPress={() => router.push(`/jobs/new?unit=${unitId}`)} />;
  return <Ends jobs={jobs} joints={joints} />;
}

const same = (one: JointPlace, other: JointPlace | undefined) => one.part === other?.part && one.from === other.from && one.to === other.to;

function Ends({ jobs, joints }: { jobs: readonly JobSummary[]; joints: readonly JointHere[] }) {
  const router = useRouter();
  const { keep, busy, problem } = useWrite();
  const calledAs = useProvisionalTag();
  const [picked, setPicked] = useState<string | null>(null);
  const job = jobs.find(({ id }) => id === picked) ?? jobs[0];
  const { data: whole } = useJob(job?.id ?? null);
  const [asked, setAsked] = useState<string | null>(null);
  const here = (place: JointPlace) => whole?.order.find(({ at }) => same(place, at ?? undefined));
  async function plan({ title, at }: JointHere) {
    const id = uuid();
    if (job && (await keep(jointWrite(job.id, id, { title, at, ...(whole ? calledAs(whole) : {}) })))) router.push(`/joints/${id}`);
  }
  return (
    <View style={arrange.stack10}>
      <Heading size={17}>{WORDS.planAJointHere}</Heading>
      {jobs.length > 1 ? (
        <Choice
          label={WORDS.inWhichJob}
          value={job?.id ?? null}
          options={jobs.map(({ id, number, title }) => ({ value: id, label: `job ${number}, ${title}` }))}
          onChange={setPicked}
        />
      ) : null}
      {problem ? <Failed message={problem.message} /> : null}
      {joints.map((joint) => (
        <View key={joint.label} style={arrange.stack6}>
          <FrameKey
            label={joint.label}
            disabled={busy}
            onPress={() => (here(joint.at) && asked !== joint.label ? setAsked(joint.label) : void plan(joint))}
          />
          {asked === joint.label ? (
            <Twice
              tag={here(joint.at)?.tag ?? ''}
              onOpen={() => router.push(`/joints/${here(joint.at)?.id ?? ''}`)}
              onAnother={() => void plan(joint)}
            />
          ) : null}
        </View>
      ))}
    </View>
  );
}

/** A place that has a joint of this job already: which one is meant? */
function Twice({ tag, onOpen, onAnother }: { tag: string; onOpen: () => void; onAnother: () => void }) {
  return (
    <View role="group" aria-label={WORDS.isHereAlready(tag)} style={arrange.stack6}>
      <Words size={15}>{WORDS.isPlannedAtThisEnd(tag)}</Words>
      <View style={arrange.wrap8}>
        <FrameKey label={WORDS.openOf(tag)} onPress={onOpen} />
        <FrameKey label={WORDS.anotherOneHere} onPress={onAnother} />
      </View>
    </View>
  );
}
