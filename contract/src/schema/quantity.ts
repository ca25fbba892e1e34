import Joi from 'joi';
import { UNIT_NAMES, type Quantity } from '@kesto/core';

export const quantity = Joi.object<Quantity>({
  value: Joi.number().required(),
  unit: Joi.string()
    .valid(...UNIT_NAMES)
    .required(),
});
