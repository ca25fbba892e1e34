import {
  planAnswer,
  type JobView,
  type JointSummary,
  type JointView,
  type PutEntryRequest,
  type PutPlanRequest,
  type StoredPlan,
} from '@kesto/contract';
import { ENGINE_VERSION, headOf, planJoint, readEntry, stateFollowing, type EntryFact, type JointState, type Told } from '@kesto/core';
import { bodyOf, type Command } from '@/outbox';

/** Where a joint stands once what is kept here has arrived. */
export const stateWith = (state: JointState, pending: readonly Command[]): JointState =>
  pending.reduce<JointState>((now, command) => {
    if (command.route === 'putPlan') return 'planned';
    return command.route === 'putEntry' ? stateFollowing(now, bodyOf<EntryFact>(command)) : now;
  }, state);

/** What a command says of the joint's plan, before its record began or in it; null for others. */
function plannedBy(command: Command): Pick<PutPlanRequest, 'request' | 'chosen' | 'reason' | 'engineVersion'> | null {
  if (command.route === 'putPlan') return bodyOf<PutPlanRequest>(command);
  if (command.route !== 'putEntry') return null;
  const { kind, values } = bodyOf<PutEntryRequest>(command);
  return kind === 'planned-anew' ? { ...(values as Told<'planned-anew'>), engineVersion: ENGINE_VERSION } : null; // cast: what the kind tells
}

/** A plan that is on its way, worked out on the device by the engine that made it. */
function planOf(command: Command, by: string): StoredPlan | null {
  const said = plannedBy(command);
  if (!said) return null;
  const { request, chosen, reason, engineVersion } = said;
  const asked = { ...request, choose: chosen };
  const plan = planJoint(asked);
  if (!plan.ok) return null;
  const made = { plan: plan.value, answer: planAnswer(plan.value), engineVersion, by, at: command.at };
  return { id: command.params['plan'] ?? command.params['entry'] ?? '', request: asked, chosen, reason: reason ?? null, ...made };
}

/** A joint as it stands with what is kept here; entries the server has are not counted twice. */
export function jointWith(joint: JointView, kept: readonly Command[], by: string): JointView {
  const arrived = new Set([...joint.entries.map((link) => readEntry(link).id), joint.plan?.id]);
  const pending = kept.filter(({ params }) => params['joint'] === joint.id && !arrived.has(params['entry'] ?? params['plan']));
  const last = pending.findLast((command) => plannedBy(command) !== null);
  const plan = last ? planOf(last, by) : joint.plan;
  const state = stateWith(joint.state, pending);
  const order = joint.job.order.map((other) => (other.id === joint.id ? { ...other, state } : other));
  return { ...joint, state, plan, job: { ...joint.job, order } };
}

/** A joint that only this device knows yet, from the job it is added to. */
export function newJoint(job: JobView, { id, tag, title, state, at }: JointSummary): JointView {
  const { number, stage, began, order, schools, site, unit, circuit } = job;
  return {
    ...{ id, tag, title, state, at, site, unit, circuit },
    job: { id: job.id, number, title: job.title, stage, began, order, schools, head: headOf('job', job.id, job.stages.entries) },
    plan: null,
    entries: [],
  };
}
