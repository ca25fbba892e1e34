import { planAnswer, type JobView, type JointSummary, type JointView, type PutPlanRequest, type StoredPlan } from '@kesto/contract';
import { headOf, planJoint, readEntry, stateFollowing, type EntryFact, type JointState } from '@kesto/core';
import { bodyOf, goes, type Command } from '@/outbox';

/** Where a joint stands once what is kept here has arrived. */
export const stateWith = (state: JointState, pending: readonly Command[]): JointState =>
  pending.reduce<JointState>((now, command) => {
    if (command.route === 'putPlan') return 'planned';
    return command.route === 'putEntry' ? stateFollowing(now, bodyOf<EntryFact>(command)) : now;
  }, state);

/** A plan that is on its way, worked out on the device by the engine that made it. */
function planOf(command: Command, by: string): StoredPlan | null {
  const { request, chosen, reason, engineVersion } = bodyOf<PutPlanRequest>(command);
  const asked = { ...request, choose: chosen };
  const plan = planJoint(asked);
  if (!plan.ok) return null;
  const made = { plan: plan.value, answer: planAnswer(plan.value), engineVersion, by, at: command.at };
  return { id: command.params['plan'] ?? '', request: asked, chosen, reason: reason ?? null, ...made };
}

/** A joint as it stands with what is kept here; entries the server has are not counted twice. */
export function jointWith(joint: JointView, kept: readonly Command[], by: string): JointView {
  const arrived = new Set([...joint.entries.map((link) => readEntry(link).id), joint.plan?.id]);
  const pending = kept.filter(({ params }) => params['joint'] === joint.id && !arrived.has(params['entry'] ?? params['plan']));
  const last = pending.findLast(goes('putPlan'));
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
