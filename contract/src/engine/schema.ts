import Joi from 'joi';
import {
  ACCESSES,
  ALONGS,
  CIRCUIT_STATES,
  FORMS,
  FUELS,
  HISTORY_STATES,
  MALE_FORMS,
  METAL_NAMES,
  MOST_SEQUENCE_JOINTS,
  NEAR_KINDS,
  OUTLET_KINDS,
  POSITIONS,
  PROTECTIONS,
  REMOVALS,
  ROD_NAMES,
  SAFETY_CLASS_NAMES,
  SCHOOLS,
  SIDES,
  WINDS,
  type PlanRequest,
  type PurgeRequest,
  type ReachRequest,
  type Schools,
  type SequenceJointRequest,
  type SequenceRequest,
} from '@kesto/core';
import { APPLICATIONS, METERING, RUN_MODES, SUCTION_AT, type ReadingsRequest, type SaturationRequest } from '@kesto/core/refrigerant';
import { graphSchema } from '../circuits/schema';
import { quantity } from '../schema/quantity';
import { anyId, ids, surroundings, word } from './parts';

const history = Joi.alternatives().try(
  word(HISTORY_STATES),
  Joi.object({
    state: word(HISTORY_STATES).required(),
    filler: Joi.string().max(40),
    removed: word(REMOVALS),
    year: Joi.number().integer(),
  }),
);

export const rod = Joi.alternatives().try(
  word(ROD_NAMES),
  Joi.object({ diameter: quantity.required() }),
  Joi.object({ width: quantity.required(), thickness: quantity.required() }),
);

const protection = Joi.alternatives().try(
  word(PROTECTIONS),
  Joi.object({ kind: word(PROTECTIONS).required(), from: quantity, to: quantity, water: quantity }),
);

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
  outlet: Joi.object({ kind: word(OUTLET_KINDS).required(), depressor: Joi.boolean() }).required(),
  cylinder: Joi.object({ waterVolume: quantity.required(), pressure: quantity.required() }),
  room: Joi.object({ volume: quantity.required() }),
  ventilation: quantity,
  testPressure: quantity,
  breaks: Joi.number(),
  ventMinutes: Joi.number(),
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
      form: word(MALE_FORMS),
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
      run: Joi.object({ od: quantity.required(), wall: quantity.required() }),
    }).required(),
    position: word(POSITIONS),
    access: word(ACCESSES),
  }).required(),
  service: Joi.object({
    refrigerant: Joi.string().max(20),
    safetyClass: word(SAFETY_CLASS_NAMES),
    side: word(SIDES),
    designPressure: quantity,
    rating: quantity,
    testRating: quantity,
    makersFillers: Joi.array().max(40).items(Joi.string().max(40)),
    minTemp: quantity,
    maxTemp: quantity,
    vibration: Joi.boolean(),
    sulphur: Joi.boolean(),
  }),
  circuit: Joi.object({ state: word(CIRCUIT_STATES), oil: Joi.boolean() }),
  near: Joi.array()
    .max(40)
    .items(
      Joi.object({
        kind: word(NEAR_KINDS).required(),
        distance: quantity.required(),
        along: word(ALONGS),
        height: quantity,
        filler: Joi.string().max(40),
        limit: quantity,
        mass: quantity,
        protection,
      }),
    ),
  torch: Joi.object({
    fuel: word(FUELS).required(),
    powerKw: Joi.number(),
    count: Joi.number(),
    tips: Joi.array().max(20).items(Joi.number()),
    efficiency: Joi.number(),
    regulator: quantity,
    cylinder: quantity,
  }),
  stock: Joi.array()
    .max(100)
    .items(Joi.object({ designation: Joi.string().max(40).required(), rod })),
  choose: Joi.alternatives().try(Joi.string().max(40), Joi.object({ designation: Joi.string().max(40).required(), rod: rod.required() })),
  wind: word(WINDS),
  site: Joi.object({ belowGround: Joi.boolean() }),
  purge: Joi.object(purgeKeys),
  schools: schoolsRequest,
  rodFactor: Joi.number(),
  holdSeconds: Joi.number(),
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

const sideRead = { pressure: quantity.required(), line: quantity.required() };

export const readingsRequest = Joi.object<ReadingsRequest>({
  ...surroundings,
  refrigerant: Joi.string().max(20).required(),
  metering: word(METERING).required(),
  mode: word(RUN_MODES),
  application: word(APPLICATIONS),
  receiver: Joi.boolean(),
  suction: Joi.object({ ...sideRead, at: word(SUCTION_AT) }),
  liquid: Joi.object(sideRead),
  discharge: Joi.object({ line: quantity.required() }),
  target: Joi.object({ subcooling: quantity, superheat: quantity, window: quantity }),
  room: quantity,
  indoorWetBulb: quantity,
  outdoor: quantity,
  sink: quantity,
  source: quantity,
  usualDifference: quantity,
  charge: quantity,
});

const sequenceJoint = Joi.object<SequenceJointRequest>({
  id: anyId.required(),
  a: anyId.required(),
  b: anyId.required(),
  bench: Joi.boolean(),
  after: ids,
  captive: Joi.array().max(50).items(Joi.string().max(80)),
  place: Joi.string().max(80),
  distanceTo: Joi.object().pattern(anyId, quantity).max(100),
  above: ids,
});

export const sequenceRequest = Joi.object<SequenceRequest>({
  ...surroundings,
  circuit: graphSchema(anyId, 1000).required(),
  joints: Joi.array().max(MOST_SEQUENCE_JOINTS).items(sequenceJoint).required(),
  ports: ids.required(),
  inlet: anyId.required(),
});
