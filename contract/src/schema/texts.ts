import Joi from 'joi';
import { NOTE_LIMIT } from '../joints/types';

export const uuid = Joi.string()
  .guid({ version: ['uuidv4', 'uuidv7'] })
  .lowercase();

/** Letters that are not seen, or turn the direction of those that are: a name with them is not what it looks like. */
const UNSEEN = /[\p{Cc}\u00AD\u061C\u200B-\u200F\u202A-\u202E\u2060-\u2069\uFEFF]/u;

/** What says something, untouched by spaces at its ends. */
export const text = (most: number) => Joi.string().trim().min(1).max(most);

/** A name or title: one line without letters that nobody sees. */
export const line = (most: number) =>
  text(most)
    .pattern(UNSEEN, { invert: true })
    .messages({ 'string.pattern.invert.base': '{{#label}} holds a control or direction character, which nobody sees: take it out' });

/** What may be left empty. */
export const note = Joi.string().allow('').max(NOTE_LIMIT);
