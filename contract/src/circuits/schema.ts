import Joi from 'joi';
import { CIRCUIT_KINDS, type CircuitGraph, type CircuitLink, type CircuitPart } from '@kesto/core';
import { quantity } from '../schema/quantity';
import { line, text } from '../schema/texts';
import { CIRCUIT_FILE, PARTS_LIMIT, type CircuitFile } from './types';

/** Ids stand in links, files and records: small letters, figures and dashes. */
export const partId = Joi.string()
  .pattern(/^[a-z0-9][a-z0-9-]{0,39}$/)
  .messages({ 'string.pattern.base': '{{#label}} must be small letters, figures and dashes, as liquid-valve' });

const partSchema = (id: Joi.StringSchema) =>
  Joi.object<CircuitPart>({
    id: id.required(),
    kind: Joi.string()
      .valid(...CIRCUIT_KINDS)
      .required(),
    name: line(60),
    closes: Joi.boolean(),
    fault: Joi.string().valid('stripped', 'seized'),
    open: Joi.boolean(),
    runs: Joi.boolean(),
    core: Joi.string().valid('in', 'out'),
    volume: quantity,
    fan: text(40),
    twoWay: Joi.boolean(),
    limits: Joi.object({ pressure: quantity, test: quantity, relief: quantity }),
    water: Joi.boolean(),
  });

const linkSchema = (id: Joi.StringSchema) =>
  Joi.object<CircuitLink>({
    from: id.required(),
    to: id.required(),
    tube: Joi.object({ od: quantity.required(), wall: quantity, length: quantity, lengthAssumed: Joi.valid(true) }),
    tap: Joi.boolean(),
    throughWall: Joi.boolean(),
  });

/** A circuit whose parts go by ids of that kind. */
export const graphSchema = (id: Joi.StringSchema, most: number) =>
  Joi.object<CircuitGraph>({
    parts: Joi.array().min(1).max(most).items(partSchema(id)).required(),
    links: Joi.array()
      .max(2 * most)
      .items(linkSchema(id))
      .required(),
  });

export const circuitGraph = graphSchema(partId, PARTS_LIMIT);

export const circuitFile = Joi.object<CircuitFile>({
  format: Joi.string().valid(CIRCUIT_FILE.format).required(),
  version: Joi.number().valid(CIRCUIT_FILE.version).required(),
  name: line(120).required(),
  circuit: circuitGraph.required(),
});
