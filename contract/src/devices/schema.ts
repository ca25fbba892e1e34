import Joi from 'joi';
import { SIGNATURE_ALGS } from '@kesto/core/vocabulary';
import { utcInstant } from '../schema/instant';
import { uuid } from '../schema/texts';
import type { EndDeviceRequest, SetDeviceRequest, SignedBy, VouchRequest } from './types';

/** Words in one entry that are closed, at most. */
const MOST_SALTS = 400;
const alg = Joi.string().valid(...SIGNATURE_ALGS);

export const signedBy = Joi.object<SignedBy>({
  device: uuid.required(),
  alg: alg.required(),
  value: Joi.string()
    .pattern(/^[0-9a-f]{128}$/, 'a signature of 64 bytes in hex')
    .required(),
  salts: Joi.array()
    .max(MOST_SALTS)
    .items(Joi.string().pattern(/^[0-9a-f]{32}$/, 'a salt of 16 bytes in hex'))
    .required(),
});

export const setDeviceRequest = Joi.object<SetDeviceRequest>({
  alg: alg.required(),
  key: Joi.when('alg', {
    is: 'Ed25519',
    then: Joi.string().pattern(/^[0-9a-f]{64}$/, 'an Ed25519 key of 32 bytes in hex'),
    otherwise: Joi.string().pattern(/^04[0-9a-f]{128}$/, 'a P-256 point, uncompressed, in hex'),
  }).required(),
  deviceTime: utcInstant.required(),
});

export const vouchRequest = Joi.object<VouchRequest>({ deviceTime: utcInstant.required(), signed: signedBy.required() });
export const endDeviceRequest = Joi.object<EndDeviceRequest>({
  why: Joi.string().valid('lost', 'given-away').required(),
  deviceTime: utcInstant.required(),
});
