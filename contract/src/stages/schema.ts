import Joi from 'joi';
import { signedBy } from '../devices/schema';
import { KEPT_STAGES, KINDS, stagedKinds, stagesOf, type StageEntryKind } from '@kesto/core';
import { ANEW, corrects, seen } from '../joints/schema';
import { photoHashes } from '../photos/schema';
import { utcInstant } from '../schema/instant';
import { ofFields } from '../schema/ofFields';
import { signInRequest } from '../session/schema';
import { ABOUT_ANOTHER, type OverruleBesideRequest, type PutStageEntryRequest } from './types';

/** Kinds that people write; what is Kesto's own nobody sends. */
const ALL = stagedKinds().filter((kind) => KINDS[kind].by !== 'kesto');
const word = (words: readonly string[]) => Joi.string().valid(...words);

/** On whose phone it was, and by what, the server says. */
const SERVER_SAYS: Readonly<Partial<Record<StageEntryKind, readonly string[]>>> = { overruled: ['phoneOf', 'byPin'] };
const unsaid = (kind: StageEntryKind, values: Joi.ObjectSchema) => values.fork([...(SERVER_SAYS[kind] ?? [])], (key) => key.forbidden());
export const overruledValues = unsaid('overruled', ofFields(KINDS.overruled.told));

/** What a person tells; what a page has worked out beside it may come along, and is not believed. */
function valuesOf(kind: StageEntryKind): Joi.ObjectSchema {
  const { told, worked } = KINDS[kind];
  const values = worked ? ofFields(told).concat(ofFields(worked).fork(Object.keys(worked), (key) => key.optional())) : ofFields(told);
  return unsaid(kind, values);
}

/** What a correction may say of an entry of a stage: what its kind tells, at least one of it. */
export const stageCorrectionOf = (kind: StageEntryKind): Joi.ObjectSchema =>
  unsaid(
    kind,
    ofFields(KINDS[kind].told).fork(Object.keys(KINDS[kind].told), (key) => key.optional()),
  ).min(1);

export const overruleBesideRequest = Joi.object<OverruleBesideRequest>({
  signIn: signInRequest.required(),
  stage: word(KEPT_STAGES).required(),
  deviceTime: utcInstant.required(),
  values: overruledValues.required(),
});

export const putStageEntryRequest = Joi.object<PutStageEntryRequest>({
  stage: word(KEPT_STAGES).required(),
  kind: Joi.when('stage', {
    switch: KEPT_STAGES.map((stage) => ({
      is: stage,
      then: word([...ALL.filter((kind) => stagesOf(kind).includes(stage)), ...ABOUT_ANOTHER]),
    })),
    otherwise: word([...ALL, ...ABOUT_ANOTHER]),
  }).required(),
  deviceTime: utcInstant.required(),
  values: Joi.when('kind', {
    switch: [
      ...ALL.map((kind) => ({ is: kind, then: valuesOf(kind) })),
      { is: 'corrected', then: ANEW },
      { is: 'struck-out', then: Joi.object({}) },
    ],
  }).required(),
  photos: photoHashes.required(),
  corrects,
  seen,
  signed: signedBy,
});
