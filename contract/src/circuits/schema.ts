import Joi from 'joi';
import { CIRCUIT_KINDS, type CircuitGraph, type CircuitLink, type CircuitPart } from '@kesto/core';
import { quantity } from '../schema/quantity';
import { text } from '../schema/texts';
import { CIRCUIT_FILE, PARTS_LIMIT, type CircuitFile } from './types';

/** Ids stand in links, files and records: small letters, figures and dashes. */
export const partId = Joi.string()
  .pattern(/^[a-z0-9][a-z0-9-]{0,39}$/)
  .messages({ 'string.pattern.base': '{{#label}} must be small letters, figures and dashes, as liquid-valve' });

const part = Joi.object<CircuitPart>({
  id: partId.required(),
  kind: Joi.string()
    .valid(...CIRCUIT_KINDS)
    .required(),
  name: text(60),
  closes: Joi.boolean(),
  fault: Joi.string().valid('stripped', 'seized'),
  open: Joi.boolean(),
  core: Joi.string().valid('in', 'out'),
  volume: quantity,
});

const link = Joi.object<CircuitLink>({
  from: partId.required(),
  to: partId.required(),
  tube: Joi.object({ od: quantity.required(), wall: quantity, length: quantity }),
  throughWall: Joi.boolean(),
});

export const circuitGraph = Joi.object<CircuitGraph>({
  parts: Joi.array().min(1).max(PARTS_LIMIT).items(part).required(),
  links: Joi.array()
    .max(2 * PARTS_LIMIT)
    .items(link)
    .required(),
});

export const circuitFile = Joi.object<CircuitFile>({
  format: Joi.string().valid(CIRCUIT_FILE.format).required(),
  version: Joi.number().valid(CIRCUIT_FILE.version).required(),
  name: text(120).required(),
  circuit: circuitGraph.required(),
});
