import Joi from 'joi';
import {
  ALSO_OPENED,
  APPROVAL_WAYS,
  CHECK_RESULTS,
  FIND_METHODS,
  GATES,
  HOLD_VERDICTS,
  HOT_WORK_ANSWERS,
  ISOLATION_METHODS,
  JOINING_METHODS,
  KEPT_STAGES,
  PICTURES_OF,
  REFRIGERANT_FATES,
  RIG,
  SIGNS,
  STAGE_ENTRY_KINDS,
  TORCH_POINTS,
  WATCH_MINUTES,
  type StageEntryKind,
  type StageValues,
} from '@kesto/core';
import { partId } from '../circuits/schema';
import { readingsRequest } from '../engine/schema';
import { NOTE_LIMIT } from '../joints/types';
import { utcInstant } from '../joints/schema';
import { photoHashes } from '../photos/schema';
import { quantity } from '../schema/quantity';
import { line, text } from '../schema/texts';
import type { PutStageEntryRequest } from './types';

const word = (words: readonly string[]) => Joi.string().valid(...words);
const why = text(NOTE_LIMIT);
const name = line(80);
const kg = (most: number) => Joi.number().min(0).max(most);
const parts = Joi.array().max(1000).items(partId);

/** A part, a tube as `from>to`, or the rig. */
export const place = Joi.string()
  .pattern(/^[a-z0-9][a-z0-9-]{0,39}(>[a-z0-9][a-z0-9-]{0,39})?$/)
  .messages({ 'string.pattern.base': `{{#label}} must be a part’s id, a tube as from>to, or ${RIG}` });

const reading = Joi.object({ pressure: quantity.required(), temperature: quantity.required() });
const none = Joi.object({});

const VALUES: { readonly [Kind in StageEntryKind]: Joi.ObjectSchema<StageValues[Kind]> } = {
  began: none,
  done: none,
  skipped: Joi.object({ reason: why.required() }),
  waiting: Joi.object({ what: why.required(), forWhom: name.required() }),
  reopened: Joi.object({ why: why.required() }),
  overruled: Joi.object({ gate: word(GATES).required(), reason: why.required() }),
  complaint: Joi.object({ text: why.required() }),
  loss: Joi.object({
    lostKg: Joi.number().greater(0).max(10_000).required(),
    days: Joi.number().greater(0).max(36_500).required(),
    chargeKg: kg(10_000),
  }),
  readings: Joi.object({ request: readingsRequest.required() }),
  sign: Joi.object({ place: place.required(), sign: word(SIGNS).required(), note: why }),
  'checked-place': Joi.object({
    place: place.required(),
    method: word(FIND_METHODS).required(),
    result: word(CHECK_RESULTS).required(),
    gramsPerYear: Joi.number().greater(0).max(10_000_000),
    note: why,
  }),
  'section-hold': Joi.object({
    parts: parts.min(1).required(),
    volume: quantity.required(),
    minutes: Joi.number().greater(0).max(44_640).required(),
    start: reading.required(),
    end: reading.required(),
    gauge: Joi.object({ resolution: quantity.required(), drift: quantity }).required(),
    temperatureUncertaintyK: Joi.number().min(0).max(20).required(),
    verdict: word(HOLD_VERDICTS).required(),
    leakPaM3S: Joi.number().required(),
    smallestSeenPaM3S: Joi.number().min(0).required(),
    gramsPerYear: Joi.number().allow(null).required(),
  }),
  'stopped-looking': Joi.object({ reason: why.required() }),
  isolation: Joi.object({
    work: parts.min(1).required(),
    advised: word(ISOLATION_METHODS).required(),
    method: word(ISOLATION_METHODS).required(),
    runs: Joi.boolean().required(),
    lowSideLeak: Joi.boolean().required(),
    airInside: Joi.boolean().required(),
    jointOpen: Joi.boolean().required(),
    lowSidePressure: quantity,
    chargeKg: kg(10_000),
    takeOutKg: kg(10_000),
    close: parts.required(),
    closeAfter: parts.required(),
    staysFull: parts.required(),
    reason: why,
    engineVersion: Joi.string().max(20).required(),
  }),
  joining: Joi.object({ place: place.required(), method: word(JOINING_METHODS).required(), why: why.required() }),
  'also-opened': Joi.object({
    what: word(ALSO_OPENED).required(),
    place: place.required(),
    choice: word(['yes', 'declined']).required(),
    why: Joi.when('choice', { is: 'declined', then: why.required(), otherwise: why }),
  }),
  'price-held-until': Joi.object({ check: text(200).required() }),
  'price-check': Joi.object({ of: text(200).required(), found: why.required() }),
  approval: Joi.object({ by: name.required(), how: word(APPROVAL_WAYS).required(), for: why.required(), amount: text(40) }),
  worth: Joi.object({
    ageYears: Joi.number().min(0).max(100).required(),
    inWarranty: Joi.boolean().required(),
    repair: Joi.number().min(0).required(),
    replacement: Joi.number().greater(0).required(),
    earlierFinds: Joi.number().integer().min(0).max(1000).required(),
    advice: word(['repair', 'replace', 'claim-warranty']).required(),
    decided: word(['repair', 'replace']).required(),
    why,
  }),
  'refrigerant-fate': Joi.object({ fate: word(REFRIGERANT_FATES).required(), why: why.required() }),
  'locked-off': Joi.object({ keyHolder: name.required() }),
  'before-picture': Joi.object({ of: word(PICTURES_OF).required(), note: why }),
  recovered: Joi.object({
    tareKg: kg(1000).required(),
    grossKg: kg(1000).min(Joi.ref('tareKg')).required().messages({ 'number.min': '{{#label}} must not lie under tareKg' }),
    minutes: Joi.number().min(0).max(10_000).required(),
    waterKg: Joi.number().greater(0).max(1000),
    downTo: quantity,
  }),
  'zero-and-open': Joi.object({ note: why }),
  'hot-work': Joi.object({
    point: word(TORCH_POINTS).required(),
    answer: word(HOT_WORK_ANSWERS).required(),
    note: why,
    oxygenPercent: Joi.number().min(0).max(25),
  }),
  told: Joi.object({ who: why.required() }),
  covered: Joi.object({ what: why.required() }),
  'cooling-arranged': Joi.object({ how: why.required() }),
  'watch-began': Joi.object({
    minutes: Joi.number().min(WATCH_MINUTES.least).max(WATCH_MINUTES.most).required(),
    by: name.required(),
  }),
  'watch-ended': Joi.object({ reason: why }),
};

const KINDS = Object.keys(VALUES) as readonly StageEntryKind[]; // cast: the keys are named by the type above

export const putStageEntryRequest = Joi.object<PutStageEntryRequest>({
  stage: word(KEPT_STAGES).required(),
  kind: Joi.when('stage', {
    switch: KEPT_STAGES.map((stage) => ({ is: stage, then: word(KINDS.filter((kind) => STAGE_ENTRY_KINDS[kind].includes(stage))) })),
    otherwise: word(KINDS),
  }).required(),
  deviceTime: utcInstant.required(),
  values: Joi.when('kind', { switch: KINDS.map((kind) => ({ is: kind, then: VALUES[kind] })) }).required(),
  photos: photoHashes.required(),
});
