import Joi from 'joi';
import { quantity } from '../schema/quantity';

export const word = (words: readonly string[]) => Joi.string().valid(...words);
export const surroundings = { atmosphere: quantity, altitude: quantity };

/** Whatever a program calls its parts; a slash tells passages of one part apart. */
export const anyId = Joi.string()
  .max(80)
  .pattern(/^[^/]+$/)
  .messages({ 'string.pattern.base': '{{#label}} must not hold a slash' });
export const ids = Joi.array().max(1000).items(anyId);

/** A request that holds a key, whatever else it holds. */
export const has = (key: string) => Joi.object({ [key]: Joi.exist().required() }).unknown();
