import type { JobView } from '@kesto/contract';
import { sealStageEntry, TEMPLATE_CIRCUITS, type KeptStage, type StageEntry, type StageEntryKind, type StageValues } from '@kesto/core';
import { jobView } from './jobs';

const AT = '2026-11-24T10:00:00.000Z';

type Noted = { readonly [Kind in StageEntryKind]: readonly [stage: KeptStage, kind: Kind, values: StageValues[Kind]] }[StageEntryKind];

/** A job on a split that is drawn, with what was noted of it. */
export const jobWithStages = (noted: readonly Noted[], rest: Partial<JobView> = {}): JobView =>
  jobWithTimes(
    noted.map((entry) => ({ entry, at: AT })),
    rest,
  );

/** The same, each entry under its own time. */
export function jobWithTimes(noted: readonly { readonly entry: Noted; readonly at: string }[], rest: Partial<JobView> = {}): JobView {
  const entries: StageEntry[] = [];
  for (const {
    entry: [stage, kind, values],
    at,
  } of noted) {
    entries.push(
      sealStageEntry({
        ...{ format: 1, id: `e${entries.length}`, job: { id: 'job', number: 31 }, sequence: entries.length + 1 },
        ...{
          stage,
          kind: kind as StageEntry['content']['kind'],
          values: values as Readonly<Record<string, unknown>>,
          photos: [],
          previous: entries.at(-1)?.hash ?? null,
        }, // cast: every kind carries an object
        ...{ person: { id: 'p1', name: 'Ilta Varro' }, deviceTime: at, serverTime: at },
      }),
    );
  }
  return jobView({
    stored: 'find',
    order: [],
    stages: { entries, lastFlame: null, near: [], history: { leaks: [], joints: [] } },
    ...rest,
  });
}

const SPLIT = TEMPLATE_CIRCUITS.split;
export const DRAWN_SPLIT = {
  ...SPLIT,
  parts: SPLIT.parts.map((part) => (part.kind === 'valve' ? { ...part, closes: true } : part)),
};

/** What the server answers to the sheets of a job; it cannot take anything now, so that what is noted stands as kept here. */
export const stageAnswers = (job: JobView) => ({
  'GET jobs/job': job,
  'GET circuits/circuit/drawing': { drawing: { circuit: DRAWN_SPLIT, by: 'Ilta Varro', at: AT } },
  'GET schools': {},
  'PUT jobs/job/stages/*': { status: 503, message: 'The database is away.' },
});
