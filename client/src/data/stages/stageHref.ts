import type { JobSummary } from '@kesto/contract';
import { isKeptStage, type KeptStage, type Next, type Stage } from '@kesto/core';
import type { Href } from 'expo-router';

const PATHS: Readonly<Record<KeptStage, 'find' | 'decide' | 'safe' | 'hold' | 'pull' | 'charge' | 'hand-over'>> = {
  find: 'find',
  decide: 'decide',
  'make-safe': 'safe',
  hold: 'hold',
  pull: 'pull',
  charge: 'charge',
  'hand-over': 'hand-over',
};

export const stageHref = (jobId: string, stage: KeptStage): Href => `/jobs/${jobId}/${PATHS[stage]}`;

/** The sheet of a stage; null where it has none of its own and takes a note. */
export function sheetHref(jobId: string, stage: Stage): Href | null {
  if (isKeptStage(stage)) return stageHref(jobId, stage);
  return stage === 'set-up' ? `/jobs/${jobId}/set-up` : null;
}

/** Where what comes next is done; null where it is done on the job itself, or nowhere yet. */
export function nextHref({ id }: Pick<JobSummary, 'id'>, next: Next): Href | null {
  if (next.step === 'join-cold' && next.joint !== undefined) return `/joints/${next.joint}/run`;
  if (next.step === 'answer-bend') return `/jobs/${id}/bends`;
  if (next.joint !== undefined) return `/joints/${next.joint}`;
  return next.stage in PATHS ? stageHref(id, next.stage as KeptStage) : null; // cast: just looked for
}
