import type { JobView } from '@kesto/contract';
import {
  headOf,
  openGates,
  safetyClassOf,
  stageState,
  type KeptStage,
  type StageEntryKind,
  type StageFact,
  type StageValues,
} from '@kesto/core';
import { useMemo } from 'react';
import { v7 as uuid } from 'uuid';
import { useMayMake } from '@/session/useMayMake';
import { useWrite } from '@/outbox';
import { factsOfJob } from './pendingStages';
import { stageEntryWrite } from './writes';

/** Notes one thing in a stage; true once it is safe on the device and was not refused at once. */
export type Note = <Kind extends StageEntryKind>(kind: Kind, values: StageValues[Kind], photos?: readonly string[]) => Promise<boolean>;

/** One stage of a job: what is noted of the job, what keeps it from being done, and how something is noted. */
export function useStage(job: JobView, stage: KeptStage) {
  const mayMake = useMayMake();
  const { keep, busy, problem } = useWrite();
  const { stages } = job;
  const { near, lastFlame } = stages;
  const { circuit } = job;
  const facts: readonly StageFact[] = useMemo(() => factsOfJob(stages), [stages]);
  const { order } = job;
  const about = useMemo(
    () => ({ near, joints: order, hotJoints: order.length, safetyClass: safetyClassOf(circuit), refrigerant: circuit.refrigerant }),
    [near, order, circuit],
  );
  const note: Note = (kind, values, photos = []) =>
    keep(
      stageEntryWrite(job, uuid(), {
        ...{ stage, kind, photos, deviceTime: new Date().toISOString(), seen: [headOf('job', job.id, stages.entries)] },
        values: values as Readonly<Record<string, unknown>>, // cast: every kind carries an object
      }),
    );
  const state = stageState(facts, stage);
  /** Under what name a form of this stage keeps what is typed. */
  const keptAs = (form: string) => `${job.id}.${stage}.${form}`;
  return {
    ...{ job, stage, keep, facts, about, lastFlame, note, keptAs, busy, state, problem: problem?.message ?? null },
    gates: openGates(facts, stage, about),
    mayNote: mayMake && state === 'open',
    mayMake,
  };
}
export type StageWork = ReturnType<typeof useStage>;
