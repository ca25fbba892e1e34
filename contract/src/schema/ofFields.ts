import Joi from 'joi';
import { RIG, type EngineValue, type Fields, type Spec, type ValuesOf } from '@kesto/core';
import { partId } from '../circuits/schema';
import { planRequest, readingsRequest, schoolsRequest } from '../engine/schema';
import { utcInstant } from './instant';
import { quantity } from './quantity';
import { line, text, uuid } from './texts';

/** A part, a tube as `from>to`, or the rig. */
export const place = Joi.string()
  .pattern(/^[a-z0-9][a-z0-9-]{0,39}(>[a-z0-9][a-z0-9-]{0,39})?$/)
  .messages({ 'string.pattern.base': `{{#label}} must be a part’s id, a tube as from>to, or ${RIG}` });

const sha256 = Joi.string().hex().length(64).lowercase();

/** What stands as the engine reads or says it; what another entry says anew is checked where that entry is known. */
const ENGINE: Readonly<Record<EngineValue, Joi.Schema>> = {
  readings: readingsRequest,
  plan: planRequest,
  planned: Joi.object().unknown(true),
  schools: schoolsRequest,
  anew: Joi.object().min(1).max(20).unknown(true),
};

function textOf({ least, most, line: isLine }: Extract<Spec, { of: 'text' }>): Joi.Schema {
  if (least === 0) return Joi.string().allow('').max(most);
  return isLine ? line(most) : text(most);
}

function numberOf({ min, max, unit, above, whole }: Extract<Spec, { of: 'number' }>): Joi.Schema {
  const range = `{{#label}} must lie ${above ? 'above' : 'from'} ${min} ${above ? 'and up to' : 'to'} ${max}${unit === '' ? '' : ` ${unit}`}`;
  const bound = above ? Joi.number().greater(min).max(max) : Joi.number().min(min).max(max);
  return (whole ? bound.integer() : bound).messages({ 'number.min': range, 'number.greater': range, 'number.max': range });
}

function listOf({ item, least, most, each }: Extract<Spec, { of: 'list' }>): Joi.Schema {
  const all = Joi.array().items(schemaOf(item)).min(least).max(most);
  return each === 'once' ? all.unique() : all;
}

function schemaOf(spec: Spec): Joi.Schema {
  switch (spec.of) {
    case 'text':
      return textOf(spec);
    case 'word':
      return Joi.string().valid(...spec.words);
    case 'number':
      return numberOf(spec);
    case 'part':
      return partId;
    case 'place':
      return place;
    case 'quantity':
      return quantity;
    case 'truth':
      return Joi.boolean();
    case 'list':
      return listOf(spec);
    case 'object':
      return ofFields(spec.fields);
    case 'orNothing':
      return schemaOf(spec.item).allow(null);
    case 'hash':
      return sha256;
    case 'id':
      return uuid;
    case 'instant':
      return utcInstant;
    case 'engine':
      return ENGINE[spec.request];
  }
}

/** The schema of what fields describe: strict, nothing converted, no key beside them. */
export const ofFields = <F extends Fields>(fields: F): Joi.ObjectSchema<ValuesOf<F>> =>
  Joi.object(
    Object.fromEntries(
      Object.entries(fields).map(([key, { spec, optional }]) => [key, optional ? schemaOf(spec) : schemaOf(spec).required()]),
    ),
  );
