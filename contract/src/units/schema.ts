import Joi from 'joi';
import { SAFETY_CLASS_NAMES } from '@kesto/core';
import { quantity } from '../schema/quantity';
import { line, text, uuid } from '../schema/texts';
import { day } from '../people/schema';
import { photoHashes } from '../photos/schema';
import { UNIT_KINDS, type PutCircuitRequest, type PutSiteRequest, type PutUnitRequest } from './types';

export const putSiteRequest = Joi.object<PutSiteRequest>({ name: line(120).required(), altitude: quantity.required() });

const swept = Joi.alternatives().try(
  Joi.object({ od: quantity.required(), wall: quantity, length: quantity.required() }),
  Joi.object({ bore: quantity.required(), length: quantity.required() }),
  Joi.object({ volume: quantity.required() }),
);

const circuit = Joi.object<PutCircuitRequest>({
  id: uuid.required(),
  name: line(40).required(),
  refrigerant: text(20).required(),
  safetyClass: Joi.string().valid(...SAFETY_CLASS_NAMES),
  highSide: quantity.required(),
  lowSide: quantity.required(),
  coldest: quantity.required(),
  charge: quantity,
  oil: text(40),
  swept: Joi.array().max(100).items(swept),
});

/** Tags stand on machines and before every joint's number: capitals and figures, no dash. */
const TAG = /^[A-Z0-9]{1,8}$/;

export const putUnitRequest = Joi.object<PutUnitRequest>({
  siteId: uuid.required(),
  tag: Joi.string()
    .pattern(TAG)
    .required()
    .messages({ 'string.pattern.base': '{{#label}} must be one to eight capitals or figures, as CR2' }),
  name: line(80).required(),
  kind: Joi.string()
    .valid(...UNIT_KINDS)
    .required(),
  model: line(60),
  serial: line(60),
  installedOn: day,
  warrantyUntil: day,
  registeredOn: day,
  platePhotos: photoHashes,
  waterTable: Joi.array()
    .min(2)
    .max(12)
    .items(Joi.object({ drop: quantity.required(), flow: quantity.required() })),
  circuits: Joi.array().min(1).max(8).items(circuit).unique('id').required(),
});
