import Joi from 'joi';
import { NOTE_LIMIT } from '../joints/types';
import { text, uuid } from '../schema/texts';
import type { EraseRequest } from './types';

export const eraseRequest = Joi.object<EraseRequest>({
  entry: uuid.required(),
  what: Joi.string().valid('words', 'name').required(),
  why: text(NOTE_LIMIT).required(),
});
