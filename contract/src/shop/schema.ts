import Joi from 'joi';
import { ACETYLENE_SIZES, CYLINDER_GASES, FLUX_CLASSES, FUELS, INSTRUMENT_KINDS, WRAPS } from '@kesto/core';
import { rod } from '../engine/schema';
import { day } from '../people/schema';
import { quantity } from '../schema/quantity';
import { line, uuid } from '../schema/texts';
import type { VanStock } from './types';

export const putVanRequest = Joi.object<VanStock>({
  fillers: Joi.array()
    .max(60)
    .items(Joi.object({ designation: Joi.string().max(40).required(), rod: rod.required(), count: Joi.number().required(), lot: line(40) }))
    .required(),
  instruments: Joi.array()
    .max(60)
    .items(
      Joi.object({
        id: uuid.required(),
        kind: Joi.string()
          .valid(...INSTRUMENT_KINDS)
          .required(),
        name: line(60).required(),
        resolution: quantity,
        range: quantity,
        offK: Joi.number(),
        calibratedUntil: day,
      }),
    ),
  recovery: Joi.array()
    .max(40)
    .items(Joi.object({ id: uuid.required(), name: line(60).required(), tare: quantity.required(), water: quantity, testedUntil: day })),
  torch: Joi.object({
    fuel: Joi.string()
      .valid(...FUELS)
      .required(),
    tips: Joi.array()
      .min(1)
      .max(20)
      .items(Joi.alternatives().try(Joi.number(), Joi.object({ name: line(30).required(), kw: Joi.number().required() }))),
    fuelCylinder: Joi.object({
      size: Joi.string()
        .valid(...ACETYLENE_SIZES)
        .required(),
      gauge: quantity.required(),
    }),
  }).required(),
  flux: Joi.array()
    .max(20)
    .items(
      Joi.object({
        class: Joi.string()
          .valid(...FLUX_CLASSES)
          .required(),
        grams: Joi.number().required(),
      }),
    ),
  wraps: Joi.array()
    .unique()
    .items(Joi.string().valid(...WRAPS)),
  gases: Joi.array()
    .max(40)
    .items(
      Joi.object({
        id: uuid.required(),
        gas: Joi.string()
          .valid(...CYLINDER_GASES)
          .required(),
        name: line(60).required(),
        tare: quantity,
        gross: quantity,
        testedUntil: day,
      }),
    ),
  countedAt: Joi.string().isoDate(),
  cylinder: Joi.object({ waterVolume: quantity.required(), pressure: quantity.required() }).required(),
});
