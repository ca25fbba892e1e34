import Joi from 'joi';
import { KEPT_STAGES, KINDS, kindsOf, stagesOf, type StageEntryKind } from '@kesto/core';
import { utcInstant } from '../joints/schema';
import { photoHashes } from '../photos/schema';
import { ofFields } from '../schema/ofFields';
import type { PutStageEntryRequest } from './types';

const ALL = kindsOf('job');
const word = (words: readonly string[]) => Joi.string().valid(...words);

/** What a person tells; what a page has worked out beside it may come along, and is not believed. */
function valuesOf(kind: StageEntryKind): Joi.ObjectSchema {
  const { told, worked } = KINDS[kind];
  return worked ? ofFields(told).concat(ofFields(worked).fork(Object.keys(worked), (key) => key.optional())) : ofFields(told);
}

export const putStageEntryRequest = Joi.object<PutStageEntryRequest>({
  stage: word(KEPT_STAGES).required(),
  kind: Joi.when('stage', {
    switch: KEPT_STAGES.map((stage) => ({ is: stage, then: word(ALL.filter((kind) => stagesOf(kind).includes(stage))) })),
    otherwise: word(ALL),
  }).required(),
  deviceTime: utcInstant.required(),
  values: Joi.when('kind', { switch: ALL.map((kind) => ({ is: kind, then: valuesOf(kind) })) }).required(),
  photos: photoHashes.required(),
});
