import Joi from 'joi';
import { JOINT_STATES } from '@kesto/core';
import { uuid } from '../schema/texts';
import type { FoundAsked } from './types';

const word = Joi.string().trim().max(40);
const day = Joi.string().pattern(/^\d{4}-\d{2}-\d{2}$/, 'a day as 2026-11-30');

export const foundRequest = Joi.object<FoundAsked>({
  tag: word,
  unit: word,
  person: uuid,
  filler: word,
  lot: word,
  from: day,
  to: day,
  state: Joi.string().valid(...JOINT_STATES),
  after: Joi.string().pattern(/^\d{1,16}\.[0-9a-f-]{36}$/, 'what a page named as its next'),
});
