import Joi from 'joi';
import { FUELS } from '@kesto/core';
import { rod } from '../engine/schema';
import { quantity } from '../schema/quantity';
import type { VanStock } from './types';

export const putVanRequest = Joi.object<VanStock>({
  fillers: Joi.array()
    .max(60)
    .items(Joi.object({ designation: Joi.string().max(40).required(), rod: rod.required(), count: Joi.number().required() }))
    .required(),
  torch: Joi.object({
    fuel: Joi.string()
      .valid(...FUELS)
      .required(),
  }).required(),
  cylinder: Joi.object({ waterVolume: quantity.required(), pressure: quantity.required() }).required(),
});
