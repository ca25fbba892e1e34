import { KINDS, STAGES } from '@kesto/core';
import Joi from 'joi';
import { partId } from '../circuits/schema';
import { schoolsRequest } from '../engine/schema';
import { NOTE_LIMIT } from '../joints/types';
import { ofFields } from '../schema/ofFields';
import { line, text, uuid } from '../schema/texts';
import type { PutJobEntryRequest, PutJobRequest, PutJointRequest } from './types';

export const putJobRequest = Joi.object<PutJobRequest>({ circuitId: uuid.required(), title: line(120).required() });
/** A tag that nobody but one phone gave yet: the letters tell whose. */
const PROVISIONAL = /^[A-Z0-9][A-Z0-9-]{0,30}-\d{2,6}[a-z]{1,2}$/;

export const putJointRequest = Joi.object<PutJointRequest>({
  title: line(120).required(),
  at: Joi.object({ part: partId.required(), from: partId.required(), to: partId.required() }),
  calledAs: Joi.string()
    .pattern(PROVISIONAL)
    .messages({ 'string.pattern.base': '{{#label}} must be a tag with small letters behind it, as CR2-07a' }),
});

const sumLines = Joi.array()
  .max(30)
  .items(Joi.object({ label: text(80).required(), text: text(200).required() }))
  .required();

/** Notes whose values are checked by their kind's own row. */
const BY_KIND = ['kit-kept', 'taken-out', 'put-back'] as const;

export const putJobEntryRequest = Joi.object<PutJobEntryRequest>({
  kind: Joi.string()
    .valid('schools', 'sum', 'stage-note', 'order-kept', ...BY_KIND, 'joint-removed', 'circuit-changed')
    .required(),
  values: Joi.when('kind', {
    switch: [
      { is: 'schools', then: Joi.object({ schools: schoolsRequest.required(), reason: text(NOTE_LIMIT) }) },
      {
        is: 'stage-note',
        then: Joi.object({
          of: Joi.string()
            .valid(...STAGES)
            .required(),
          text: text(NOTE_LIMIT).required(),
        }),
      },
      {
        is: 'order-kept',
        then: Joi.object({ order: Joi.array().min(1).max(200).unique().items(uuid).required(), reason: text(NOTE_LIMIT) }),
      },
      ...BY_KIND.map((kind) => ({ is: kind, then: ofFields(KINDS[kind].told) })),
      { is: 'joint-removed', then: Joi.object({ joint: uuid.required(), why: text(NOTE_LIMIT).required() }) },
      { is: 'circuit-changed', then: Joi.object({ to: uuid.required() }) },
    ],
    otherwise: Joi.object({ calculator: text(40).required(), given: sumLines, answers: sumLines, note: text(NOTE_LIMIT) }),
  }).required(),
});
