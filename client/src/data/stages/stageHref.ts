import type { JobSummary } from '@kesto/contract';
import { isKeptStage, type KeptStage, type Next, type NextStep, type Stage } from '@kesto/core';
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

/** What bends a job, and the points that it brings. */
export const bendsHref = (jobId: string): Href => `/jobs/${jobId}/bends`;

/** The sheet of a stage; null where it has none of its own and takes a note. */
export function sheetHref(jobId: string, stage: Stage): Href | null {
  if (isKeptStage(stage)) return stageHref(jobId, stage);
  return stage === 'set-up' ? `/jobs/${jobId}/set-up` : null;
}

/** What comes next is one form of its stage's sheet: it lies open there. */
const OPENS: Readonly<Partial<Record<NextStep, string>>> = { 'note-complaint': 'complaint', 'rig-alone': 'rig' };

function opened(id: string, stage: KeptStage, step: NextStep): Href {
  const sheet = `/jobs/${id}/${PATHS[stage]}` as const;
  const opens = OPENS[step];
  return opens ? { pathname: sheet, params: { opens } } : sheet;
}

/** The pull, with the pump and its hoses open: they come first. */
export const toPullHref = (id: string): Href => opened(id, 'pull', 'rig-alone');

/** Where what comes next is done; null where it is done on the job itself, or nowhere yet. */
export function nextHref({ id }: Pick<JobSummary, 'id'>, next: Next): Href | null {
  if (next.step === 'join-cold' && next.joint !== undefined) return `/joints/${next.joint}/run`;
  if (next.step === 'answer-bend') return bendsHref(id);
  if (next.joint !== undefined) return `/joints/${next.joint}`;
  return isKeptStage(next.stage) ? opened(id, next.stage, next.step) : null;
}
