import Joi from 'joi';
import { uuid } from '../schema/texts';
import type { ReadLabelRequest } from './types';

export const readLabelRequest = Joi.object<ReadLabelRequest>({
  joint: uuid.required(),
  sequence: Joi.number().integer().min(1).max(999_999).required(),
  head: Joi.string()
    .pattern(/^[0-9a-f]{64}$/, 'a SHA-256 in hex')
    .required(),
});
