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
  type HoldPlanRequest,
  type HoldRequest,
  type IsolateRequest,
  type PlanRequest,
  type PurgeRequest,
  type Quantity,
  type ReachRequest,
  type SequenceRequest,
  type Result,
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
