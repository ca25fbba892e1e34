import Joi from 'joi';
import { KEPT_STAGES } from '@kesto/core';
import { utcInstant } from '../schema/instant';
import { line, uuid } from '../schema/texts';
import { signInRequest } from '../session/schema';
import { overruledValues } from '../stages/schema';
import type { PutDayPinRequest, PutPinOverrulingRequest, PutPinSeenRequest } from './types';

/** A public key of P-256 is 91 bytes as SPKI, a signature 64. */
const base64 = (bytes: number) =>
  Joi.string()
    .base64()
    .length(4 * Math.ceil(bytes / 3));

export const putDayPinRequest = Joi.object<PutDayPinRequest>({
  signIn: signInRequest.required(),
  key: base64(91).required(),
  until: utcInstant.required(),
});

export const putPinOverrulingRequest = Joi.object<PutPinOverrulingRequest>({
  pin: uuid.required(),
  lead: Joi.object({ id: uuid.required(), name: line(80).required() }).required(),
  signature: base64(64).required(),
  stage: Joi.string()
    .valid(...KEPT_STAGES)
    .required(),
  deviceTime: utcInstant.required(),
  values: overruledValues.required(),
});

export const putPinSeenRequest = Joi.object<PutPinSeenRequest>({ seen: Joi.boolean().valid(true).required() });
