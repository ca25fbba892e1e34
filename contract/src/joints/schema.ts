import Joi from 'joi';
import { signedBy } from '../devices/schema';
import { photoHashes } from '../photos/schema';
import { CHAINS, KINDS, kindsOf, type EntryKind } from '@kesto/core';
import { planRequest } from '../engine/schema';
import { ofFields } from '../schema/ofFields';
import { utcInstant } from '../schema/instant';
import { text, uuid } from '../schema/texts';
import { NOTE_LIMIT, type PutEntryRequest, type PutPlanRequest } from './types';

export const putPlanRequest = Joi.object<PutPlanRequest>({
  request: planRequest.required(),
  chosen: Joi.string().max(40).required(),
  reason: text(NOTE_LIMIT),
  engineVersion: Joi.string().max(20).required(),
});

export const brazedValues = ofFields(KINDS.brazed.told);
export const lookValues = ofFields(KINDS['looked-at'].told);

/** A correction says anew what the entry it names can say: by `correctionOf`. */
export const ANEW = Joi.object().min(1).max(20);
const schemaOf = (kind: EntryKind): Joi.ObjectSchema => (kind === 'corrected' ? ANEW : ofFields(KINDS[kind].told));

/** What a correction may say of an entry: values of its own kind, at least one. The result of a look is not corrected: one looks again. */
export const correctionOf = (kind: EntryKind): Joi.ObjectSchema =>
  schemaOf(kind)
    .fork(Object.keys(schemaOf(kind).describe().keys as object), (key) => key.optional())
    .fork(kind === 'looked-at' ? ['result'] : [], (key) =>
      key.forbidden().messages({ 'any.unknown': 'values.result is not corrected: look again' }),
    )
    .min(1);

/** Written by a person, as an entry of its own; `planned` is Kesto's own, what is erased or commented has a way of its own. */
const WRITTEN = kindsOf('joint').filter((kind) => KINDS[kind].by !== 'kesto' && kind !== 'erased' && kind !== 'commented');

/** The entry that this one corrects or strikes out, and why. */
export const corrects = Joi.object({ entry: uuid.required(), why: text(NOTE_LIMIT).required() });

/** Heads that the device knew. */
export const seen = Joi.array()
  .max(20)
  .items(
    Joi.object({
      of: Joi.string()
        .valid(...CHAINS)
        .required(),
      id: uuid.required(),
      sequence: Joi.number().integer().min(0).required(),
      hash: Joi.string().hex().length(64).required(),
    }),
  );

export const putEntryRequest = Joi.object<PutEntryRequest>({
  kind: Joi.string()
    .valid(...WRITTEN)
    .required(),
  deviceTime: utcInstant.required(),
  values: Joi.when('kind', {
    switch: WRITTEN.map((kind) => ({ is: kind, then: schemaOf(kind) })),
  }).required(),
  photos: photoHashes.required(),
  corrects,
  seen,
  signed: signedBy,
});
