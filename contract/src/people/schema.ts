import Joi from 'joi';
import { line, uuid } from '../schema/texts';
import { ROLES } from '../session/types';
import {
  APPROVAL_SCOPES,
  CODE_LENGTH,
  FORMER_CODE_LENGTH,
  CODE_LETTERS,
  PASSWORD_LEAST,
  type Approval,
  type CodeRequest,
  type JoinRequest,
  type LeftRequest,
  type PutInviteRequest,
  type PutPasswordRequest,
  type PutPersonRequest,
  type RoleRequest,
} from './types';

const role = Joi.string().valid(...ROLES);
const codeOf = (...lengths: readonly number[]) =>
  Joi.string()
    .pattern(new RegExp(`^(${lengths.map((length) => `[${CODE_LETTERS}]{${length}}`).join('|')})$`))
    .messages({ 'string.pattern.base': `{{#label}} must be ${lengths.join(' or ')} of the letters and figures ${CODE_LETTERS}` });
/** As it is made today, and as somebody may still hold it. */
const newCode = codeOf(CODE_LENGTH);
const anyCode = codeOf(CODE_LENGTH, FORMER_CODE_LENGTH);
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
  code: newCode.required(),
  name: line(80).required(),
  role: role.required(),
  person: uuid,
});
export const putPersonRequest = Joi.object<PutPersonRequest>({
  name: line(80).required(),
  approvals: Joi.array().max(20).items(approval).unique('scope').required(),
  confirmed: Joi.boolean(),
  role,
  left: Joi.boolean(),
});
export const roleRequest = Joi.object<RoleRequest>({ role: role.required() });
export const leftRequest = Joi.object<LeftRequest>({ left: Joi.boolean().required() });
export const codeRequest = Joi.object<CodeRequest>({ code: anyCode.required() });
export const joinRequest = Joi.object<JoinRequest>({
  code: anyCode.required(),
  name: line(80).required(),
  login: login.required(),
  password: password.required(),
  shopName: line(80),
});
export const putPasswordRequest = Joi.object<PutPasswordRequest>({
  current: Joi.string().min(1).max(200).required(),
  next: password.required(),
});
