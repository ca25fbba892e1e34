import { gateText, misfitText } from '@kesto/contract/wording';
import {
  effectiveTime,
  factsOf,
  hasHappened,
  openGates,
  openChecks,
  priceChecks,
  PROTECTS,
  stageState,
  tellsWell,
  watchOf,
  type GateCode,
  type OpenGate,
  type PriceFacts,
  type JobLink,
  type StageFact,
  type GateFacts,
  type Watch,
} from '@kesto/core';
import { ABOUT_ANOTHER, LEADS, type AboutAnother } from '@kesto/contract';
import { AppError } from '../../platform/errors';
import type { Asked } from './stages.service';

/** A job stays small enough to be read at once: far above any honest one. */
const MOST_ENTRIES = 2000;

const isLead = ({ person }: Asked) => LEADS.includes(person.role);
const gateError = (message: string) => new AppError('GATE', message, 'kind');
const leadOnly = (what: string) =>
  new AppError('FORBIDDEN', `${what}: a lead or an admin does that, signed in on this device, with the reason.`);

/** What one value says of another. */
export function checkTold({ body }: Asked): void {
  const misfit = tellsWell(body.kind, body.values);
  if (misfit) throw new AppError('INVALID_INPUT', `values.${misfit.field} ${misfitText(misfit)}`, `values.${misfit.field}`);
}

export function checkRoom(links: readonly JobLink[]): void {
  if (links.length >= MOST_ENTRIES) throw new AppError('FULL', `One job keeps at most ${MOST_ENTRIES} entries.`);
}

const isAboutAnother = (kind: Asked['body']['kind']): kind is AboutAnother => (ABOUT_ANOTHER as readonly string[]).includes(kind);

/** In a stage that is done nothing is claimed or chosen until it is opened again; what happened is taken whenever it comes. */
export function checkOpen({ body }: Asked, facts: readonly StageFact[]): void {
  if (body.kind === 'reopened' || isAboutAnother(body.kind) || hasHappened(body.kind)) return;
  const state = stageState(facts, body.stage);
  if (state !== 'open') throw new AppError('OUT_OF_ORDER', `This stage is ${state}: open it again first, with the reason.`, 'stage');
}

/** A gate names what is open, who may overrule it, and keeps the reason. */
export function checkGates(asked: Asked, facts: readonly StageFact[], about: GateFacts): void {
  const { stage, kind, values } = asked.body;
  const gates = openGates(facts, stage, about);
  if (kind === 'done' && gates.length > 0)
    throw gateError(`Not yet: ${gates.map(gateText).join('; ')}. Answer it, or overrule it with the reason.`);
  if (kind === 'skipped' && gates.some((gate) => gate.protectsPeople) && !isLead(asked))
    throw leadOnly('Skipping a stage that protects people');
  if (kind !== 'overruled') return;
  const gate = values['gate'] as GateCode; // cast: checked against its schema
  if (!gates.some((open) => open.gate === gate))
    throw new AppError('INVALID_INPUT', 'values.gate is not open in this stage', 'values.gate');
  if (PROTECTS.includes(gate) && !isLead(asked)) throw leadOnly('Overruling what protects people');
  checkPoints(values['points'] as readonly string[] | undefined, gates); // cast: checked against its schema
}

/** Overruling names points that are open. */
function checkPoints(points: readonly string[] | undefined, gates: readonly OpenGate[]): void {
  const open = gates.flatMap((gate) => (gate.gate === 'torch' ? gate.open : []));
  if (points?.some((point) => !open.includes(point)))
    throw new AppError('INVALID_INPUT', 'values.points are not all open in this stage', 'values.points');
}

/** No price before what it waits for was looked at. */
export function checkPrice({ body }: Asked, about: PriceFacts): void {
  const { of } = body.values;
  const asked: readonly unknown[] = [...priceChecks(about), ...factsOf(about.facts, 'price-held-until').map((fact) => fact.values.check)];
  if (body.kind === 'price-check' && !asked.includes(of)) {
    throw new AppError('INVALID_INPUT', 'values.of is not among what the price waits for', 'values.of');
  }
  const open = openChecks(about);
  if (body.kind !== 'approval' || body.values['amount'] === undefined || open.length === 0) return;
  throw gateError(`No price yet: ${gateText({ gate: 'price-checks-open', open })}.`);
}

/** A lead looks into a watch that nobody but the device saw last. */
function checkLookedInto(asked: Asked, watch: Watch | null): void {
  if (!isLead(asked)) throw leadOnly('Looking into a watch');
  if (!watch?.isNotWitnessed) throw new AppError('OUT_OF_ORDER', 'No watch of this job waits to be looked into.', 'kind');
}

/** The watch runs by the wall clock; ending it early takes a lead. */
export function checkWatch(asked: Asked, facts: readonly StageFact[], lastFlame: string | null): void {
  const watch = watchOf(facts, lastFlame);
  if (asked.body.kind === 'watch-looked-into') checkLookedInto(asked, watch);
  if (asked.body.kind !== 'watch-ended') return;
  if (!watch || watch.endedAt !== null) throw new AppError('OUT_OF_ORDER', 'No watch is running on this job.', 'kind');
  const { now, offsetS } = asked;
  const at = effectiveTime({ device: asked.body.deviceTime, server: now.toISOString(), offsetS }, watch.beganAt);
  const isEarly = Date.parse(at) < Date.parse(watch.endsAt);
  if (isEarly && !isLead(asked)) throw leadOnly(`Ending the watch before ${watch.endsAt.slice(11, 16)} UTC`);
  if (isEarly && asked.body.values['reason'] === undefined)
    throw new AppError('INVALID_INPUT', 'values.reason is needed: why the watch ends early', 'values.reason');
}
