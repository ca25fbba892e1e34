import Joi from 'joi';
import type { METRIC_PREFERENCES, UnitPreferences } from '@kesto/core';
import { text } from '../schema/texts';
import type { SignInRequest } from './types';

export const signInRequest = Joi.object<SignInRequest>({ login: text(80).required(), password: Joi.string().min(1).max(200).required() });

export const unitsRequest = Joi.object<UnitPreferences>({
  length: Joi.string().valid('metric', 'inch').required(),
  pressure: Joi.string().valid('psig', 'bar', 'kPa').required(),
  temperature: Joi.string().valid('C', 'F').required(),
  vacuum: Joi.string().valid('micron', 'Pa').required(),
  mass: Joi.string().valid('lb-oz', 'lb', 'kg').required(),
} satisfies Record<keyof typeof METRIC_PREFERENCES, Joi.Schema>);
