import {
  COMPRESSOR_KINDS,
  HELD_SIDES,
  SAFETY_CLASS_NAMES,
  TEST_PRACTICES,
  type HoldPlanRequest,
  type HoldRequest,
  type IsolateRequest,
} from '@kesto/core';
import Joi from 'joi';
import { graphSchema } from '../circuits/schema';
import { quantity } from '../schema/quantity';
import { anyId, has, ids, surroundings, word } from './parts';

/** Letters of a logger's file: a day at one a second is some three millions. */
const MOST_LOG = 20_000_000;
const gauge = Joi.object({ resolution: quantity.required(), drift: quantity, perKelvin: quantity, range: quantity });

/** Of a hold, beside its samples. */
const held = {
  ...surroundings,
  volume: quantity.required(),
  gauge: gauge.required(),
  temperatureUncertaintyK: Joi.number().required(),
  wantedLeakPaM3S: Joi.number(),
  refrigerant: Joi.string().max(20),
  charge: quantity,
  gas: Joi.string().max(40),
  side: word(HELD_SIDES),
  runningC: Joi.number(),
  supplyShut: Joi.boolean(),
  unfollowedShare: Joi.number(),
};

export const holdRequest = Joi.object<HoldRequest>({
  ...held,
  samples: Joi.array()
    .max(100_000)
    .items(
      Joi.object({
        seconds: Joi.number().required(),
        pressure: quantity.required(),
        temperature: quantity.required(),
        atmosphere: quantity,
      }),
    )
    .required(),
});

export const isolateRequest = Joi.object<IsolateRequest>({
  ...surroundings,
  circuit: graphSchema(anyId, 1000).required(),
  work: ids.required(),
  safetyClass: word(SAFETY_CLASS_NAMES),
  state: Joi.object({
    lowSideLeak: Joi.boolean(),
    airInside: Joi.boolean(),
    lowSidePressure: quantity,
    jointOpen: Joi.boolean(),
    compressorKind: word(COMPRESSOR_KINDS),
  }),
  hold: Joi.object({
    testPressure: quantity.required(),
    minutes: Joi.number().required(),
    gauge: gauge.required(),
    temperatureUncertaintyK: Joi.number().required(),
  }),
  charge: quantity,
  refrigerant: Joi.string().max(20),
  split: ids,
});

/** A hold that is not made yet. */
export const holdPlanRequest = Joi.object<HoldPlanRequest>({
  ...surroundings,
  plan: Joi.object({
    circuit: graphSchema(anyId, 1000).required(),
    section: ids.required(),
    at: anyId.required(),
    refrigerant: Joi.string().max(20).required(),
    compressorKind: word(COMPRESSOR_KINDS),
    plate: Joi.object({ lowSide: quantity.required(), highSide: quantity.required() }),
    gauge: Joi.object({ range: quantity, resolution: quantity.required() }).required(),
    hose: quantity,
    regulator: quantity,
    hottest: quantity,
    inSun: Joi.boolean(),
    ambient: quantity.required(),
    practice: word(TEST_PRACTICES),
    lowSideOutdoors: Joi.boolean(),
    hotSummers: Joi.boolean(),
    volume: quantity,
    cylinder: Joi.object({ waterVolume: quantity.required(), pressure: quantity.required() }),
    temperatureUncertaintyK: Joi.number(),
    wantedLeakPaM3S: Joi.number(),
  }).required(),
  gas: Joi.string().max(40),
});

/** Samples as a logger wrote them: a table in plain text. */
export const holdOfLogRequest = Joi.object({ ...held, log: Joi.object({ csv: Joi.string().max(MOST_LOG).required() }).required() });

/** With samples, or a logger's file of them, a hold is judged; with a plan it is planned. */
export const holdOrPlanRequest = Joi.alternatives()
  .conditional(has('plan'), { then: holdPlanRequest })
  .conditional(has('log'), { then: holdOfLogRequest, otherwise: holdRequest });
