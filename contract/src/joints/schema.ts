import Joi from 'joi';
import { photoHashes } from '../photos/schema';
import { ENTRY_KINDS, KINDS, type EntryKind } from '@kesto/core';
import { planRequest } from '../engine/schema';
import { ofFields } from '../schema/ofFields';
import { text, uuid } from '../schema/texts';
import { NOTE_LIMIT, type PutEntryRequest, type PutPlanRequest } from './types';

const EARLIEST_YEAR = 2020;

export const putPlanRequest = Joi.object<PutPlanRequest>({
  request: planRequest.required(),
  chosen: Joi.string().max(40).required(),
  reason: text(NOTE_LIMIT),
  engineVersion: Joi.string().max(20).required(),
});

export const brazedValues = ofFields(KINDS.brazed.told);
export const lookValues = ofFields(KINDS['looked-at'].told);

/** A correction says anew what the entry it names can say: by `correctionOf`. */
const ANEW = Joi.object().min(1).max(20);
const schemaOf = (kind: EntryKind): Joi.ObjectSchema => (kind === 'corrected' ? ANEW : ofFields(KINDS[kind].told));

/** What a correction may say of an entry: values of its own kind, at least one. The result of a look is not corrected: one looks again. */
export const correctionOf = (kind: EntryKind): Joi.ObjectSchema =>
  schemaOf(kind)
    .fork(Object.keys(schemaOf(kind).describe().keys as object), (key) => key.optional())
    .fork(kind === 'looked-at' ? ['result'] : [], (key) =>
      key.forbidden().messages({ 'any.unknown': 'values.result is not corrected: look again' }),
    )
    .min(1);

const UTC_INSTANT = /^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d{1,3})?Z$/;

/** A moment that the calendar has, in UTC, said so: 31 February and a time without a zone are nobody's. */
export const utcInstant = Joi.string()
  .custom((value: string, helpers) => {
    const at = UTC_INSTANT.test(value) ? new Date(value) : null;
    const isReal = at !== null && !Number.isNaN(at.getTime()) && at.toISOString().slice(0, 10) === value.slice(0, 10);
    return isReal && at.getUTCFullYear() >= EARLIEST_YEAR ? value : helpers.error('time.utc');
  })
  .messages({ 'time.utc': '{{#label}} must be a date and time in UTC, from ' + EARLIEST_YEAR + ' on, like 2026-11-26T09:30:00.000Z' });

/** Written by a person; `planned` is Kesto's own. */
const WRITTEN = ENTRY_KINDS.filter((kind) => KINDS[kind].by !== 'kesto');

export const putEntryRequest = Joi.object<PutEntryRequest>({
  kind: Joi.string()
    .valid(...WRITTEN)
    .required(),
  deviceTime: utcInstant.required(),
  values: Joi.when('kind', {
    switch: WRITTEN.map((kind) => ({ is: kind, then: schemaOf(kind) })),
  }).required(),
  photos: photoHashes.required(),
  corrects: Joi.object({ entry: uuid.required(), why: text(NOTE_LIMIT).required() }),
});
