import type { JobSummary } from '@kesto/contract';
import type { CircuitGraph, CircuitLink } from '@kesto/core';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { v7 as uuid } from 'uuid';
import { useJob } from '@/features/jobs/useJob';
import { jointWrite } from '@/features/jobs/writes';
import { useTodayQuery } from '@/features/today/api';
import { partName } from '@/drawing/circuit/partName';
import { outsideText } from '@/drawing/circuit/tubeText';
import { useWrite } from '@/outbox';
import { useUnits } from '@/state/units';
import { Choice, FrameKey } from '@/ui/Buttons';
import { Failed } from '@/ui/states';
import { Heading, Words } from '@/ui/Words';

interface PlanHereProps {
  readonly unitId: string;
  readonly circuitId: string;
  readonly graph: CircuitGraph;
  readonly link: CircuitLink;
  /** The drawing has steps that are not kept: a joint sits on what is. */
  readonly touched: boolean;
}

/** A joint at one end of a tube, in a job that is open on this circuit: the planner takes what the drawing knows. */
export function PlanHere({ unitId, circuitId, graph, link, touched }: PlanHereProps) {
  const router = useRouter();
  const { data: today } = useTodayQuery();
  const jobs = (today?.jobs ?? []).filter((job) => job.circuitId === circuitId);
  if (touched)
    return (
      <Words size={15} tone="ink2">
        Keep the drawing first: a joint is planned on what is kept.
      </Words>
    );
  if (jobs.length === 0)
    return <FrameKey label="Open a job to plan a joint here" onPress={() => router.push(`/jobs/new?unit=${unitId}`)} />;
  return <Ends jobs={jobs} graph={graph} link={link} />;
}

function Ends({ jobs, graph, link }: { jobs: readonly JobSummary[]; graph: CircuitGraph; link: CircuitLink }) {
  const router = useRouter();
  const units = useUnits();
  const { keep, busy, problem } = useWrite();
  const [picked, setPicked] = useState<string | null>(null);
  const job = jobs.find(({ id }) => id === picked) ?? jobs[0];
  const { data: whole } = useJob(job?.id ?? null);
  const [asked, setAsked] = useState<string | null>(null);
  const here = (part: string) => whole?.order.find(({ at }) => at?.part === part && at.from === link.from && at.to === link.to);
  async function plan(part: string) {
    if (!job) return;
    const id = uuid();
    const size = link.tube ? `${outsideText(link.tube, units)} ` : '';
    const at = { part, from: link.from, to: link.to };
    if (await keep(jointWrite(job.id, id, { title: `${size}tube into ${partName(graph, part)}`, at }))) router.push(`/joints/${id}`);
  }
  return (
    <View style={{ gap: 10 }}>
      <Heading size={17}>Plan a joint here</Heading>
      {jobs.length > 1 ? (
        <Choice
          label="in which job"
          value={job?.id ?? null}
          options={jobs.map(({ id, number, title }) => ({ value: id, label: `job ${number}, ${title}` }))}
          onChange={setPicked}
        />
      ) : null}
      {problem ? <Failed message={problem.message} /> : null}
      {[link.from, link.to].map((part) => (
        <View key={part} style={{ gap: 6 }}>
          <FrameKey
            label={`at ${partName(graph, part)}`}
            disabled={busy}
            onPress={() => (here(part) && asked !== part ? setAsked(part) : void plan(part))}
          />
          {asked === part ? (
            <Twice
              tag={here(part)?.tag ?? ''}
              onOpen={() => router.push(`/joints/${here(part)?.id ?? ''}`)}
              onAnother={() => void plan(part)}
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
    <View role="group" aria-label={`${tag} is here already`} style={{ gap: 6 }}>
      <Words size={15}>{tag} is planned at this end already.</Words>
      <View style={{ flexDirection: 'row', gap: 8, flexWrap: 'wrap' }}>
        <FrameKey label={`Open ${tag}`} onPress={onOpen} />
        <FrameKey label="Another one here" onPress={onAnother} />
      </View>
    </View>
  );
}
