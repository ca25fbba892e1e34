import Joi from 'joi';
import type { PutShopKeyRequest, SetServerRequest } from './types';

export const putShopKeyRequest = Joi.object<PutShopKeyRequest>({
  from: Joi.string().hex().length(64).allow(null).required(),
  why: Joi.string().valid('changed', 'lost', 'stolen').required(),
});

export const setServerRequest = Joi.object<SetServerRequest>({ sure: Joi.boolean().valid(true).required() });
