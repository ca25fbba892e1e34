import type { JobView, PutStageEntryRequest } from '@kesto/contract';
import { factOf, safetyClassOf, STAGE_ENTRY_FORMAT, standingOf, type StageEntry } from '@kesto/core';
import { bodyOf, goes, type Command } from '@/outbox';

/** Links the server does not know yet: shown as they will stand, without a hash until they do. */
function addedTo(job: JobView, pending: readonly Command[], by: string): readonly StageEntry[] {
  const known = new Set(job.stages.entries.map((entry) => entry.content.id));
  return pending
    .filter((command) => goes('putStageEntry')(command) && !known.has(command.params['entry'] ?? ''))
    .map((command, i) => {
      const { stage, kind, values, deviceTime } = bodyOf<PutStageEntryRequest>(command);
      const content: StageEntry['content'] = {
        ...{ format: STAGE_ENTRY_FORMAT, id: command.params['entry'] ?? '', job: { id: job.id, number: job.number } },
        ...{ sequence: job.stages.entries.length + i + 1, stage, kind, values, deviceTime, serverTime: '' },
        ...{ person: { id: command.by, name: by }, photos: [], previous: null },
      };
      return { content, hash: '' };
    });
}

/** A job with what is kept here of its stages, and where it stands by it. */
export function stagesWith(job: JobView, pending: readonly Command[], by: string): JobView {
  const entries = [...job.stages.entries, ...addedTo(job, pending, by)];
  const { began, stored, order } = job;
  const about = { near: job.stages.near, safetyClass: safetyClassOf(job.circuit) };
  return {
    ...job,
    stages: { ...job.stages, entries },
    ...standingOf({ facts: entries.map(factOf), began, stored, joints: order, ...about }),
  };
}
