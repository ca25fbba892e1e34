import { GAUGE_PLACES, SCHOOLS } from '@kesto/core';
import type { PullRequest } from '@kesto/core/pull';
import Joi from 'joi';
import { graphSchema } from '../circuits/schema';
import { quantity } from '../schema/quantity';
import { anyId, ids, surroundings, word } from './parts';

const sample = Joi.object({ seconds: Joi.number().required(), micron: Joi.number(), pressure: quantity }).xor('micron', 'pressure');
const hose = Joi.object({
  bore: quantity.required(),
  length: quantity.required(),
  core: word(['in', 'out']).required(),
  coreBore: quantity,
});
const broken = Joi.object({ reached: quantity.required(), brokenTo: quantity.required(), minutes: Joi.number().required() });

/** A rise, breaks or a forecast; with any of them, or alone, what the pump reaches. */
export const pullRequest = Joi.object<PullRequest>({
  ...surroundings,
  samples: Joi.array().max(100_000).items(sample),
  ambient: quantity,
  coldest: quantity,
  limit: quantity,
  schools: Joi.object(Object.fromEntries(Object.entries(SCHOOLS).map(([school, words]) => [school, word(words)]))),
  gaugeAt: word(GAUGE_PLACES),
  volume: quantity,
  refrigerant: Joi.string().max(20),
  breaks: Joi.array().min(1).max(100).items(broken),
  pump: Joi.object({ speed: quantity.required(), ultimate: quantity.required() }),
  hoses: Joi.array().max(20).items(hose),
  circuit: graphSchema(anyId, 1000),
  ports: ids,
});
