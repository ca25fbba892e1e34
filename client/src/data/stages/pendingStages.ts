import type { JobView, PutPinOverrulingRequest, PutStageEntryRequest } from '@kesto/contract';
import { factsAmong, readJobLink, safetyClassOf, standingOf, type JobEntry, type StageFact } from '@kesto/core';
import { bodyOf, goes, type Command } from '@/outbox';

/** What is noted of a job's stages, with what only this device has yet. */
export const factsOfJob = ({ entries, kept = [] }: JobView['stages']): readonly StageFact[] =>
  factsAmong([...entries.map(readJobLink), ...kept]);

/** By a lead's PIN: the lead's entry, on this phone. */
function byPin(command: Command): JobEntry {
  const { stage, values, deviceTime, lead } = bodyOf<PutPinOverrulingRequest>(command);
  return {
    ...{ id: command.params['entry'] ?? '', kind: 'overruled', stage, person: lead, deviceTime, serverTime: deviceTime, offsetS: 0 },
    ...{ values: { ...values, phoneOf: command.byName, byPin: true }, photos: [], corrects: null },
  };
}

/** Entries the server does not know yet: shown as they will stand. */
function keptOf(job: JobView, pending: readonly Command[], by: string): readonly JobEntry[] {
  const known = new Set(job.stages.entries.map((link) => readJobLink(link).id));
  return pending
    .filter((command) => (goes('putStageEntry')(command) || goes('putPinOverruling')(command)) && !known.has(command.params['entry'] ?? ''))
    .map((command): JobEntry => {
      if (goes('putPinOverruling')(command)) return byPin(command);
      const { stage, kind, values, deviceTime, corrects = null } = bodyOf<PutStageEntryRequest>(command);
      const isCorrection = kind === 'corrected';
      return {
        ...{ id: command.params['entry'] ?? '', kind, stage: corrects ? null : stage, person: { id: command.by, name: by } },
        ...{ deviceTime, serverTime: deviceTime, offsetS: 0, values: isCorrection ? { values } : values, photos: [], corrects },
      };
    });
}

/** A job with what is kept here of its stages, and where it stands by it. */
export function stagesWith(job: JobView, pending: readonly Command[], by: string): JobView {
  const stages = { ...job.stages, kept: keptOf(job, pending, by) };
  const { began, stored, order } = job;
  const about = {
    near: stages.near,
    lastFlame: stages.lastFlame,
    safetyClass: safetyClassOf(job.circuit),
    refrigerant: job.circuit.refrigerant,
  };
  return { ...job, stages, ...standingOf({ facts: factsOfJob(stages), began, stored, joints: order, ...about }) };
}
