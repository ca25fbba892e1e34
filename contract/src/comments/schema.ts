import Joi from 'joi';
import { signedBy } from '../devices/schema';
import { seen } from '../joints/schema';
import { NOTE_LIMIT } from '../joints/types';
import { utcInstant } from '../schema/instant';
import { text } from '../schema/texts';
import type { PutCommentRequest } from './types';

export const putCommentRequest = Joi.object<PutCommentRequest>({
  text: text(NOTE_LIMIT).required(),
  deviceTime: utcInstant.required(),
  seen,
  signed: signedBy,
});
