import Joi from 'joi';
import type { PutShopKeyRequest } from './types';

export const putShopKeyRequest = Joi.object<PutShopKeyRequest>({
  why: Joi.string().valid('changed', 'lost', 'stolen').required(),
});
