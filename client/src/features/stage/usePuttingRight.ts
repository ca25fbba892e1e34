import { factsAmong, headOf, readJobLink, type JobEntry, type KeptStage, type StageEntryKind, type StageFact } from '@kesto/core';
import { v7 as uuid } from 'uuid';
import { useIsLead } from '@/session/useIsLead';
import { useMe } from '@/session/useMe';
import type { StageWork } from '@/data/stages/useStage';
import { stageEntryWrite } from '@/data/stages/writes';

/** Where a stage stands is moved by its own entries: opened again, not struck out. */
const MOVES: readonly StageEntryKind[] = ['began', 'done', 'skipped', 'reopened'];

type Change = JobEntry & { readonly why: string };

export interface PuttingRight {
  /** Whoever wrote it, or a lead. */
  readonly mayPut: (fact: StageFact) => boolean;
  /** What was said anew of an entry, oldest first. */
  readonly changesOf: (entry: string) => readonly Change[];
  /** Of a stage: what was struck out of it, with the reason. */
  readonly struckIn: (stage: KeptStage) => readonly { readonly fact: StageFact; readonly by: string; readonly why: string }[];
  readonly correct: (fact: StageFact, values: Readonly<Record<string, unknown>>, why: string) => Promise<boolean>;
  readonly strike: (fact: StageFact, why: string) => Promise<boolean>;
}

/** What an entry strikes out of a stage, read as it stood before. */
function struckBy(one: JobEntry, entries: readonly JobEntry[], stage: KeptStage) {
  const { kind, corrects, person } = one;
  if (kind !== 'struck-out' || !corrects) return [];
  const [fact] = factsAmong(entries.filter(({ id }) => id === corrects.entry));
  return fact?.stage === stage ? [{ fact, by: person.name, why: corrects.why }] : [];
}

/** Entries of a job are put right by entries of their own that name them. */
export function usePuttingRight({ job, keep, mayMake }: StageWork): PuttingRight {
  const me = useMe();
  const isLead = useIsLead();
  const { entries: links, kept = [] } = job.stages;
  const entries: readonly JobEntry[] = [...links.map(readJobLink), ...kept];
  const writers = new Map(entries.map(({ id, person }) => [id, person.id]));
  const write = (
    { id, stage, kind }: StageFact,
    why: string,
    said: { kind: 'corrected' | 'struck-out'; values: Readonly<Record<string, unknown>> },
  ) =>
    keep({
      ...stageEntryWrite(job, uuid(), {
        ...{ stage, ...said, photos: [], deviceTime: new Date().toISOString(), seen: [headOf('job', job.id, links)] },
        corrects: { entry: id, why },
      }),
      ...(said.kind === 'corrected' ? { anewOf: kind } : {}),
    });
  return {
    mayPut: ({ id, kind }) => mayMake && !MOVES.includes(kind) && (isLead || writers.get(id) === me?.person.id),
    changesOf: (entry) =>
      entries.flatMap((one) => (one.kind === 'corrected' && one.corrects?.entry === entry ? [{ ...one, why: one.corrects.why }] : [])),
    struckIn: (stage) => entries.flatMap((one) => struckBy(one, entries, stage)),
    correct: (fact, values, why) => write(fact, why, { kind: 'corrected', values }),
    strike: (fact, why) => write(fact, why, { kind: 'struck-out', values: {} }),
  };
}
