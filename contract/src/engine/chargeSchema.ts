import type { ChargeRequest } from '@kesto/core/charge';
import { COMPRESSOR_KINDS, LEAK_LAWS } from '@kesto/core';
import { METERING } from '@kesto/core/refrigerant';
import Joi from 'joi';
import { quantity } from '../schema/quantity';
import { word } from './parts';

const cylinder = Joi.object({
  ...{ before: quantity, after: quantity, gross: quantity, tare: quantity, stampedTare: quantity },
  refrigerant: Joi.string().max(20),
});

/** A charge by weight, its leak record, and what a recovery cylinder still takes. */
export const chargeRequest = Joi.object<ChargeRequest>({
  dataPlate: quantity.required(),
  lines: Joi.object({
    ...{ length: quantity.required(), included: quantity.required(), ratePerMetre: quantity, ratePerFoot: quantity },
    ...{ shorterLessens: Joi.boolean(), oilPerMetre: quantity },
  }),
  cylinders: Joi.array().max(50).items(cylinder),
  hosesKg: Joi.number(),
  refrigerant: Joi.string().max(20),
  metering: word(METERING),
  water: Joi.boolean(),
  compressorKind: word(COMPRESSOR_KINDS),
  runs: Joi.boolean(),
  maxCharge: quantity,
  fullCharge: quantity,
  tolerance: quantity,
  lostKg: Joi.number(),
  sinceDays: Joi.number(),
  additions: Joi.array()
    .max(500)
    .items(Joi.object({ mass: quantity.required(), daysAgo: Joi.number().min(0).max(36_500).required() })),
  repairedDaysAgo: Joi.number().min(0).max(36_500),
  place: word(LEAK_LAWS),
  gwp: Joi.number(),
  hermetic: Joi.boolean(),
  leakDetection: Joi.boolean(),
  recovery: Joi.object({
    ...{ waterCapacity: quantity.required(), stampedTare: quantity.required(), now: quantity.required() },
    refrigerant: Joi.string().max(20).required(),
  }),
});
