import Joi from 'joi';
import {
  ACCESSES,
  FORMS,
  FUELS,
  HISTORY_STATES,
  METAL_NAMES,
  NEAR_KINDS,
  OUTLET_KINDS,
  PROTECTIONS,
  ROD_NAMES,
  SCHOOLS,
  SIDES,
  type PlanRequest,
  type PurgeRequest,
  type ReachRequest,
  type Schools,
} from '@kesto/core';
import { METERING, type ReadingsRequest, type SaturationRequest } from '@kesto/core/refrigerant';
import { quantity } from './quantity';

const word = (words: readonly string[]) => Joi.string().valid(...words);

const history = Joi.alternatives().try(
  word(HISTORY_STATES),
  Joi.object({ state: word(HISTORY_STATES).required(), filler: Joi.string().max(40) }),
);

const rod = Joi.alternatives().try(
  word(ROD_NAMES),
  Joi.object({ diameter: quantity.required() }),
  Joi.object({ width: quantity.required(), thickness: quantity.required() }),
);

const protection = Joi.alternatives().try(
  word(PROTECTIONS),
  Joi.object({ kind: word(PROTECTIONS).required(), from: quantity, to: quantity, water: quantity }),
);

const surroundings = { atmosphere: quantity, altitude: quantity };

const purgeKeys = {
  sections: Joi.array()
    .max(500)
    .items(
      Joi.alternatives().try(
        Joi.object({ bore: quantity.required(), length: quantity.required() }),
        Joi.object({ volume: quantity.required() }),
      ),
    )
    .required(),
  flood: quantity,
  targetO2Percent: Joi.number(),
  minutes: Joi.number(),
  outlet: Joi.object({ kind: word(OUTLET_KINDS).required() }).required(),
  cylinder: Joi.object({ waterVolume: quantity.required(), pressure: quantity.required() }),
  room: Joi.object({ volume: quantity.required() }),
  ventilation: quantity,
  testPressure: quantity,
  breaks: Joi.number(),
};

export const purgeRequest = Joi.object<PurgeRequest & typeof surroundings>({ ...surroundings, ...purgeKeys });

export const schoolsRequest = Joi.object<Schools>(
  Object.fromEntries(Object.entries(SCHOOLS).map(([question, answers]) => [question, word(answers)])),
);

export const planRequest = Joi.object<PlanRequest>({
  ...surroundings,
  ambient: quantity,
  joint: Joi.object({
    male: Joi.object({
      metal: word(METAL_NAMES).required(),
      form: word(FORMS),
      od: quantity.required(),
      wall: quantity,
      history,
    }).required(),
    female: Joi.object({
      metal: word(METAL_NAMES).required(),
      form: word(FORMS),
      bore: quantity,
      cupDepth: quantity,
      wall: quantity,
      history,
    }).required(),
    position: Joi.string().max(60),
    access: word(ACCESSES),
  }).required(),
  service: Joi.object({
    refrigerant: Joi.string().max(20),
    side: word(SIDES),
    designPressure: quantity,
    minTemp: quantity,
    maxTemp: quantity,
    vibration: Joi.boolean(),
    sulphur: Joi.boolean(),
  }),
  near: Joi.array()
    .max(40)
    .items(
      Joi.object({
        kind: word(NEAR_KINDS).required(),
        distance: quantity.required(),
        along: word(['male', 'female']),
        limit: quantity,
        mass: quantity,
        protection,
      }),
    ),
  torch: Joi.object({ fuel: word(FUELS).required(), powerKw: Joi.number(), efficiency: Joi.number(), regulator: quantity }),
  stock: Joi.array()
    .max(100)
    .items(Joi.object({ designation: Joi.string().max(40).required(), rod })),
  choose: Joi.string().max(40),
  purge: Joi.object(purgeKeys),
  schools: schoolsRequest,
  rodFactor: Joi.number(),
});

export const reachRequest = Joi.object<ReachRequest>({
  ...surroundings,
  tube: Joi.object({ metal: word(METAL_NAMES).required(), od: quantity.required(), wall: quantity.required() }).required(),
  ambient: quantity.required(),
  jointTemperature: quantity.required(),
  seconds: Joi.number().required(),
  at: Joi.array().items(quantity).max(200).required(),
  wet: Joi.object({ from: quantity.required(), to: quantity.required(), water: quantity.required() }),
});

export const saturationRequest = Joi.object<SaturationRequest>({
  ...surroundings,
  refrigerant: Joi.string().max(20).required(),
  temperature: quantity,
  pressure: quantity,
});

const side = Joi.object({ pressure: quantity.required(), line: quantity.required() });

export const readingsRequest = Joi.object<ReadingsRequest>({
  ...surroundings,
  refrigerant: Joi.string().max(20).required(),
  metering: word(METERING).required(),
  suction: side,
  liquid: side,
  target: Joi.object({ subcooling: quantity, superheat: quantity, window: quantity }),
  room: quantity,
  indoorWetBulb: quantity,
  outdoor: quantity,
});
