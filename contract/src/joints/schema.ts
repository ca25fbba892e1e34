import Joi from 'joi';
import { photoHashes } from '../photos/schema';
import { ENTRY_KINDS, LOOK_FINDINGS, LOOK_RESULTS, type EntryKind } from '@kesto/core';
import { planRequest } from '../engine/schema';
import { note, text, uuid } from '../schema/texts';
import { NOTE_LIMIT, type BrazedValues, type LookValues, type PutEntryRequest, type PutPlanRequest } from './types';

const EARLIEST_YEAR = 2020;
const measured = (min: number, max: number) => Joi.number().min(min).max(max).allow(null);

export const putPlanRequest = Joi.object<PutPlanRequest>({
  request: planRequest.required(),
  chosen: Joi.string().max(40).required(),
  reason: text(NOTE_LIMIT),
  engineVersion: Joi.string().max(20).required(),
});

export const brazedValues = Joi.object<BrazedValues>({
  filler: Joi.string().max(40).required(),
  rodMm: Joi.number().min(0).max(20_000).required(),
  seconds: measured(0, 3600).required(),
  purgeLpm: measured(0, 200).required(),
  floodSeconds: measured(0, 36_000).required(),
  depthMm: measured(0, 150).required(),
  protection: note.required(),
  note: note.required(),
  reason: text(NOTE_LIMIT),
});

export const lookValues = Joi.object<LookValues>({
  result: Joi.string()
    .valid(...LOOK_RESULTS)
    .required(),
  findings: Joi.array()
    .items(Joi.string().valid(...Object.keys(LOOK_FINDINGS)))
    .unique()
    .required(),
  note: note.required(),
});

const noteValues = Joi.object({ note: note.required() });
const sentBackValues = Joi.object({ why: text(NOTE_LIMIT).required() });

/** Values by kind of entry; kinds not named here carry a note. `planned` is written by the server alone. */
const VALUES: Readonly<Record<string, Joi.Schema>> = {
  brazed: brazedValues,
  reworked: brazedValues,
  'looked-at': lookValues,
  'sent-back': sentBackValues,
  corrected: Joi.object().min(1).max(20),
};

const schemaOf = (kind: EntryKind) => (VALUES[kind] ?? noteValues) as Joi.ObjectSchema; // cast: every kind carries an object

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

export const putEntryRequest = Joi.object<PutEntryRequest>({
  kind: Joi.string()
    .valid(...ENTRY_KINDS.filter((kind) => kind !== 'planned'))
    .required(),
  deviceTime: utcInstant.required(),
  values: Joi.when('kind', {
    switch: Object.entries(VALUES).map(([kind, then]) => ({ is: kind, then })),
    otherwise: noteValues,
  }).required(),
  photos: photoHashes.required(),
  corrects: Joi.object({ entry: uuid.required(), why: text(NOTE_LIMIT).required() }),
});
