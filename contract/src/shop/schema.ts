import Joi from 'joi';
import { FUELS, INSTRUMENT_KINDS } from '@kesto/core';
import { rod } from '../engine/schema';
import { day } from '../people/schema';
import { quantity } from '../schema/quantity';
import { text, uuid } from '../schema/texts';
import type { VanStock } from './types';

export const putVanRequest = Joi.object<VanStock>({
  fillers: Joi.array()
    .max(60)
    .items(Joi.object({ designation: Joi.string().max(40).required(), rod: rod.required(), count: Joi.number().required(), lot: text(40) }))
    .required(),
  instruments: Joi.array()
    .max(60)
    .items(
      Joi.object({
        id: uuid.required(),
        kind: Joi.string()
          .valid(...INSTRUMENT_KINDS)
          .required(),
        name: text(60).required(),
        resolution: quantity,
        offK: Joi.number(),
        calibratedUntil: day,
      }),
    ),
  recovery: Joi.array()
    .max(40)
    .items(Joi.object({ id: uuid.required(), name: text(60).required(), tare: quantity.required(), water: quantity, testedUntil: day })),
  torch: Joi.object({
    fuel: Joi.string()
      .valid(...FUELS)
      .required(),
  }).required(),
  cylinder: Joi.object({ waterVolume: quantity.required(), pressure: quantity.required() }).required(),
});
