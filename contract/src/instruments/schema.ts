import Joi from 'joi';
import { LIVE_KINDS, LIVE_QUANTITIES } from '@kesto/core';
import { quantity } from '../schema/quantity';
import { line, uuid } from '../schema/texts';
import { LOG_PIECE, type FromInstrument, type FromWatcher, type HoldLogRequest, type PairingRequest, type StandInRequest } from './types';

const word = (words: readonly string[]) => Joi.string().valid(...words);

export const pairingRequest = Joi.object<PairingRequest>({ hold: uuid.required() });
/** What is let go stands in the address. */
export const seriesEndRequest = Joi.object({});
export const standInRequest = Joi.object<StandInRequest>({
  hold: uuid.required(),
  factor: Joi.number().min(1).max(1000).required(),
  dropsOut: Joi.boolean().required(),
});

const instrument = Joi.object({
  kind: word(LIVE_KINDS).required(),
  name: line(80).required(),
  columns: Joi.array()
    .min(1)
    .max(8)
    .items(Joi.object({ quantity: word(LIVE_QUANTITIES).required(), step: Joi.number().min(1e-9).max(1e6).required() }))
    .required(),
  calibratedUntil: Joi.string().pattern(/^\d{4}-\d\d-\d\d$/),
  range: quantity,
});

const sample = Joi.array().min(3).max(10).items(Joi.number().integer().unsafe(false));

export const holdLogRequest = Joi.object<HoldLogRequest>({
  instrument: instrument
    .keys({
      log: Joi.object({
        sha256: Joi.string().hex().length(64).required(),
        headings: Joi.array().length(3).items(line(80)).required(),
      }).required(),
    })
    .required(),
  samples: Joi.array().max(LOG_PIECE).items(sample).required(),
});

/** What a page asks to watch. */
export const fromWatcher = Joi.object<FromWatcher>({
  watch: Joi.object({ of: word(['hold', 'pull']).required(), job: uuid.required(), id: uuid.required(), by: uuid.allow(null) }).required(),
  person: uuid.required(),
});

/** One of three messages: a code with what the instrument is, the token it was given, or samples. */
export const fromInstrument = Joi.object<FromInstrument>({
  pair: Joi.string().max(40),
  instrument,
  factor: Joi.number().min(1).max(1000),
  token: Joi.string().max(200),
  samples: Joi.array().max(1000).items(sample),
})
  .xor('pair', 'token', 'samples')
  .with('pair', 'instrument');
