import type {
  JobView,
  JointSummary,
  PutEntryRequest,
  PutJobEntryRequest,
  PutJobRequest,
  PutJointRequest,
  TakenOutNote,
  UnitView,
} from '@kesto/contract';
import { inKeptOrder, isFlame, keptOrderOf, standingOf } from '@kesto/core';
import { stagesWith } from '@/data/stages/pendingStages';
import { stateWith } from '@/data/joints/pendingJoint';
import { bodyOf, goes, type Command } from '@/outbox';

/** The tag that comes so many after one, as CR2-14 is two after CR2-12. */
export function tagAfter(tag: string, by: number): string {
  const dash = tag.lastIndexOf('-') + 1;
  return `${tag.slice(0, dash)}${String(Number(tag.slice(dash)) + by).padStart(2, '0')}`;
}

/** Joints the server does not know yet, with the tags it would give them now: it may settle on others. */
const added = (job: JobView, pending: readonly Command[]): readonly JointSummary[] =>
  pending
    .filter((command) => goes('putJoint')(command) && !job.order.some((joint) => joint.id === command.params['joint']))
    .map((command, i) => ({
      id: command.params['joint'] ?? '',
      tag: bodyOf<PutJointRequest>(command).calledAs ?? tagAfter(job.nextTag, i),
      title: bodyOf<PutJointRequest>(command).title,
      state: 'not-planned',
      at: bodyOf<PutJointRequest>(command).at ?? null,
    }));

/** Joints that are taken off the job here, which the server does not know yet. */
const takenOff = (pending: readonly Command[]): readonly string[] =>
  pending.filter(goes('putJobEntry')).flatMap((command) => {
    const body = bodyOf<PutJobEntryRequest>(command);
    return body.kind === 'joint-removed' ? [body.values.joint] : [];
  });

/** A job as it stands with what is kept here. */
export function jobWith(job: JobView, kept: readonly Command[], by: string): JobView {
  const pending = kept.filter(({ params }) => params['job'] === job.id);
  const taken = takenOff(pending);
  const reordered = pending.filter(goes('putJobEntry')).map((command) => bodyOf<PutJobEntryRequest>(command));
  const order = inKeptOrder([...job.order, ...added(job, pending)], keptOrderOf(reordered))
    .filter(({ id }) => !taken.includes(id))
    .map((joint) => ({
      ...joint,
      state: stateWith(
        joint.state,
        kept.filter(({ params }) => params['joint'] === joint.id),
      ),
    }));
  const flames = kept
    .filter(({ params }) => order.some(({ id }) => id === params['joint']))
    .filter(goes('putEntry'))
    .flatMap((command) => {
      const { kind, deviceTime } = bodyOf<PutEntryRequest>(command);
      return isFlame(kind) ? [deviceTime] : [];
    });
  const lastFlame = [job.stages.lastFlame, ...flames].reduce((last, at) => (at !== null && (last === null || at > last) ? at : last), null);
  const notes = pending.filter(goes('putJobEntry')).map((command) => ({
    command,
    body: bodyOf<PutJobEntryRequest>(command),
  }));
  const signed = (command: Command) => ({ id: command.params['entry'] ?? '', by, at: command.at });
  const schools = notes.findLast(({ body }) => body.kind === 'schools');
  const sums = notes.flatMap(({ command, body }) =>
    body.kind === 'sum' && !job.sums.some((sum) => sum.id === command.params['entry']) ? [{ ...body.values, ...signed(command) }] : [],
  );
  const stageNotes = notes.flatMap(({ command, body }) =>
    body.kind === 'stage-note' && !job.stageNotes?.some(({ id }) => id === command.params['entry'])
      ? [{ ...body.values, ...signed(command) }]
      : [],
  );
  const packed = notes.findLast(({ body }) => body.kind === 'kit-kept');
  const takenOut = notes.flatMap(({ command, body }): readonly TakenOutNote[] => {
    if (job.takenOut?.some(({ id }) => id === command.params['entry'])) return [];
    if (body.kind === 'taken-out') return [{ kind: body.kind, ...body.values, ...signed(command) }];
    return body.kind === 'put-back' ? [{ kind: body.kind, ...body.values, ...signed(command) }] : [];
  });
  const whole: JobView = {
    ...job,
    order,
    stages: { ...job.stages, lastFlame },
    joints: order.length,
    planned: order.filter((joint) => joint.state !== 'not-planned').length,
    schools: schools?.body.kind === 'schools' ? { ...schools.body.values, ...signed(schools.command) } : job.schools,
    sums: [...job.sums, ...sums],
    stageNotes: [...(job.stageNotes ?? []), ...stageNotes],
    kit: packed?.body.kind === 'kit-kept' ? { ...packed.body.values, ...signed(packed.command) } : (job.kit ?? null),
    takenOut: [...(job.takenOut ?? []), ...takenOut],
  };
  return stagesWith(whole, pending, by);
}

/** A job that only this device knows yet; the server settles its number. */
export function newJob(command: Command, units: readonly UnitView[], number: number): JobView | undefined {
  const { circuitId, title } = bodyOf<PutJobRequest>(command);
  const unit = units.find(({ circuits }) => circuits.some((circuit) => circuit.id === circuitId));
  const circuit = unit?.circuits.find(({ id }) => id === circuitId);
  if (!unit || !circuit) return undefined;
  const { site, circuits: _circuits, id, tag, name, kind, sisters: _sisters, ...details } = unit;
  return {
    id: command.params['job'] ?? '',
    ...{ number, title, site, circuit, circuitId, unit: { id, tag, name, kind }, plate: details },
    ...standingOf({
      facts: [],
      began: 'find',
      stored: 'find',
      joints: [],
      lastFlame: null,
      near: [],
      safetyClass: null,
      refrigerant: null,
    }),
    ...{ began: 'find', stored: 'find', stages: { entries: [], lastFlame: null, near: [], history: { leaks: [], joints: [] } } },
    done: false,
    planned: 0,
    joints: 0,
    order: [],
    nextTag: `${unit.tag}-01`,
    schools: null,
    sums: [],
  };
}
