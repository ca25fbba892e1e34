import Joi from 'joi';
import { text, uuid } from '../schema/texts';
import { ROLES } from '../session/types';
import {
  APPROVAL_SCOPES,
  CODE_LENGTH,
  CODE_LETTERS,
  PASSWORD_LEAST,
  type Approval,
  type CodeRequest,
  type JoinRequest,
  type PutInviteRequest,
  type PutPasswordRequest,
  type PutPersonRequest,
} from './types';

const role = Joi.string().valid(...ROLES);
const code = Joi.string()
  .pattern(new RegExp(`^[${CODE_LETTERS}]{${CODE_LENGTH}}$`))
  .messages({ 'string.pattern.base': `{{#label}} must be ${CODE_LENGTH} of the letters and figures ${CODE_LETTERS}` });
const password = Joi.string()
  .min(PASSWORD_LEAST)
  .max(200)
  .messages({ 'string.min': `{{#label}} must have at least ${PASSWORD_LEAST} letters` });
/** As people type it on a phone: no capitals, no spaces. */
const login = Joi.string()
  .pattern(/^[a-z0-9][a-z0-9._-]{1,39}$/)
  .messages({ 'string.pattern.base': '{{#label}} must be two to forty small letters, figures, dots or dashes, as ilta' });

const isDay = (value: string) => !Number.isNaN(Date.parse(value)) && new Date(value).toISOString().slice(0, 10) === value;
export const day = Joi.string()
  .custom((value: string, helpers) => (isDay(value) ? value : helpers.error('day')))
  .messages({ day: '{{#label}} must be a day, as 2027-03-31' });

const approval = Joi.object<Approval>({
  scope: Joi.string()
    .valid(...APPROVAL_SCOPES)
    .required(),
  number: Joi.string().max(60).allow('').required(),
  validUntil: day.required(),
});

export const putInviteRequest = Joi.object<PutInviteRequest>({
  code: code.required(),
  name: text(80).required(),
  role: role.required(),
  person: uuid,
});
export const putPersonRequest = Joi.object<PutPersonRequest>({
  name: text(80).required(),
  role: role.required(),
  approvals: Joi.array().max(20).items(approval).unique('scope').required(),
  left: Joi.boolean().required(),
  confirmed: Joi.boolean(),
});
export const codeRequest = Joi.object<CodeRequest>({ code: code.required() });
export const joinRequest = Joi.object<JoinRequest>({
  code: code.required(),
  name: text(80).required(),
  login: login.required(),
  password: password.required(),
  shopName: text(80),
});
export const putPasswordRequest = Joi.object<PutPasswordRequest>({
  current: Joi.string().min(1).max(200).required(),
  next: password.required(),
});
