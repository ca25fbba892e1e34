import { planAnswer, purgeAnswer, reachAnswer } from '@kesto/contract';
import { holdAnswer, holdPlanAnswer, isolateAnswer } from '@kesto/contract/isolate';
import { chargeAnswer } from '@kesto/contract/charge';
import { pullAnswer } from '@kesto/contract/pull';
import { sequenceAnswer } from '@kesto/contract/sequence';
import { readingsAnswer, saturationAnswer } from '@kesto/contract/refrigerant';
import {
  holdOrPlanRequest,
  isolateRequest,
  chargeRequest,
  planRequest,
  pullRequest,
  purgeRequest,
  reachRequest,
  readingsRequest,
  saturationRequest,
  sequenceRequest,
} from '@kesto/contract/schemas';
import { breakText, findingText } from '@kesto/contract/wording';
import {
  FieldReader,
  heatReach,
  hold,
  isolate,
  ok,
  planJoint,
  planHold,
  planPurge,
  sequence,
  type Finding,
  type HoldPlanRequest,
  type HoldRequest,
  type IsolateRequest,
  type PlanRequest,
  type PurgeRequest,
  type Quantity,
  type ReachRequest,
  type SequenceRequest,
  type Result,
  type JobVerification,
  type Verification,
} from '@kesto/core';
import { charge, type ChargeRequest } from '@kesto/core/charge';
import { pull, type PullRequest } from '@kesto/core/pull';
import { readings, saturation, type ReadingsRequest, type SaturationRequest } from '@kesto/core/refrigerant';
import type Joi from 'joi';
import { holdOfLog, isOfLog } from './holdLog';

export interface Command {
  readonly schema: Joi.Schema;
  readonly answer: (body: unknown) => Result<unknown>;
}

function mapped<T>(result: Result<T>, change: (value: T) => unknown): Result<unknown> {
  return result.ok ? ok(change(result.value)) : result;
}

const isHoldPlan = (body: unknown): body is HoldPlanRequest => typeof body === 'object' && body !== null && 'plan' in body;

// The casts below rest on the schema beside them, which has accepted the body.
export const COMMANDS: Readonly<Record<string, Command>> = {
  plan: { schema: planRequest, answer: (body) => mapped(planJoint(body as PlanRequest), planAnswer) },
  purge: {
    schema: purgeRequest,
    answer: (body) => {
      const request = body as PurgeRequest & { atmosphere?: Quantity; altitude?: Quantity };
      const read = new FieldReader();
      read.readAtmosphere(request);
      return mapped(planPurge(request, read), purgeAnswer);
    },
  },
  reach: { schema: reachRequest, answer: (body) => mapped(heatReach(body as ReachRequest), reachAnswer) },
  isolate: { schema: isolateRequest, answer: (body) => mapped(isolate(body as IsolateRequest), isolateAnswer) },
  hold: {
    schema: holdOrPlanRequest,
    answer: (body) => {
      if (isHoldPlan(body)) return mapped(planHold(body), holdPlanAnswer);
      if (!isOfLog(body)) return mapped(hold(body as HoldRequest), (found) => holdAnswer(found, body as HoldRequest));
      const read = holdOfLog(body);
      if (!read.ok) return read;
      const { request, skipped } = read.value;
      return mapped(hold(request), (found) => ({ ...holdAnswer(found, request), skippedLines: skipped }));
    },
  },
  charge: {
    schema: chargeRequest,
    answer: (body) => mapped(charge(body as ChargeRequest), (found) => chargeAnswer(found, body as ChargeRequest)),
  },
  pull: {
    schema: pullRequest,
    answer: (body) => mapped(pull(body as PullRequest), (found) => pullAnswer(found, body as PullRequest)),
  },
  sequence: { schema: sequenceRequest, answer: (body) => mapped(sequence(body as SequenceRequest), sequenceAnswer) },
  saturation: { schema: saturationRequest, answer: (body) => mapped(saturation(body as SaturationRequest), saturationAnswer) },
  readings: {
    schema: readingsRequest,
    answer: (body) => mapped(readings(body as ReadingsRequest), (found) => readingsAnswer(found, body as ReadingsRequest)),
  },
};

/** What `verify` answers, with the reason as a sentence. */
const said = ({ findings }: { readonly findings: readonly Finding[] }) => ({
  findings: findings.map((finding) => ({ ...finding, text: findingText(finding.what) })),
});

export const verifyAnswer = (verification: Verification) =>
  verification.intact
    ? { ...verification, ...said(verification) }
    : { intact: false as const, firstBroken: { ...verification.firstBroken, why: breakText(verification.firstBroken.why) } };

/** What `verify` answers of a job's file. */
export const verifyJobAnswer = (verification: JobVerification) =>
  verification.intact
    ? { ...verification, chains: verification.chains.map((chain) => ({ ...chain, ...said(chain) })) }
    : { intact: false as const, firstBroken: { ...verification.firstBroken, why: breakText(verification.firstBroken.why) } };
