import Joi from 'joi';
import { NOTE_LIMIT } from '../joints/types';

export const uuid = Joi.string()
  .guid({ version: ['uuidv4', 'uuidv7'] })
  .lowercase();

/** One line that says something, untouched by spaces at its ends. */
export const text = (most: number) => Joi.string().trim().min(1).max(most);

/** What may be left empty. */
export const note = Joi.string().allow('').max(NOTE_LIMIT);
