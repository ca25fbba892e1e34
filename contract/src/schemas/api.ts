import Joi from 'joi';
import { ENTRY_KINDS, LOOK_FINDINGS, LOOK_RESULTS, METRIC_PREFERENCES, type EntryKind, type UnitPreferences } from '@kesto/core';
import {
  NOTE_LIMIT,
  type BrazedValues,
  type LookValues,
  type PutEntryRequest,
  type PutJobEntryRequest,
  type PutJobRequest,
  type PutJointRequest,
  type PutPlanRequest,
  type Role,
  type SignInRequest,
} from '../api/types';
import { planRequest, schoolsRequest } from './plan';

const uuid = Joi.string()
  .guid({ version: ['uuidv4', 'uuidv7'] })
  .lowercase();
const text = (max: number) => Joi.string().trim().min(1).max(max);
const EARLIEST_YEAR = 2020;
const note = Joi.string().allow('').max(NOTE_LIMIT);
const measured = (min: number, max: number) => Joi.number().min(min).max(max).allow(null);

export const signInRequest = Joi.object<SignInRequest>({ login: text(80).required(), password: Joi.string().min(1).max(200).required() });

export const unitsRequest = Joi.object<UnitPreferences>({
  length: Joi.string().valid('metric', 'inch').required(),
  pressure: Joi.string().valid('psig', 'bar', 'kPa').required(),
  temperature: Joi.string().valid('C', 'F').required(),
  vacuum: Joi.string().valid('micron', 'Pa').required(),
  mass: Joi.string().valid('lb-oz', 'lb', 'kg').required(),
} satisfies Record<keyof typeof METRIC_PREFERENCES, Joi.Schema>);

export const putJobRequest = Joi.object<PutJobRequest>({ circuitId: uuid.required(), title: text(120).required() });
export const putJointRequest = Joi.object<PutJointRequest>({ title: text(120).required() });

export const putPlanRequest = Joi.object<PutPlanRequest>({
  request: planRequest.required(),
  chosen: Joi.string().max(40).required(),
  reason: text(NOTE_LIMIT),
  engineVersion: Joi.string().max(20).required(),
});

const sumLines = Joi.array()
  .max(30)
  .items(Joi.object({ label: text(80).required(), text: text(200).required() }))
  .required();

export const putJobEntryRequest = Joi.object<PutJobEntryRequest>({
  kind: Joi.string().valid('schools', 'sum').required(),
  values: Joi.when('kind', {
    is: 'schools',
    then: Joi.object({ schools: schoolsRequest.required(), reason: text(NOTE_LIMIT) }),
    otherwise: Joi.object({ calculator: text(40).required(), given: sumLines, answers: sumLines, note: text(NOTE_LIMIT) }),
  }).required(),
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
  'looked at': lookValues,
  'sent back': sentBackValues,
  corrected: Joi.object().min(1).max(20),
};

const schemaOf = (kind: EntryKind) => (VALUES[kind] ?? noteValues) as Joi.ObjectSchema; // cast: every kind carries an object

/** What a correction may say of an entry: values of its own kind, at least one. The result of a look is not corrected: one looks again. */
export const correctionOf = (kind: EntryKind): Joi.ObjectSchema =>
  schemaOf(kind)
    .fork(Object.keys(schemaOf(kind).describe().keys as object), (key) => key.optional())
    .fork(kind === 'looked at' ? ['result'] : [], (key) =>
      key.forbidden().messages({ 'any.unknown': 'values.result is not corrected: look again' }),
    )
    .min(1);

const UTC_INSTANT = /^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d{1,3})?Z$/;

/** A moment that the calendar has, in UTC, said so: 31 February and a time without a zone are nobody's. */
const utcInstant = Joi.string()
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
  photos: Joi.array()
    .max(20)
    .items(Joi.string().pattern(/^[0-9a-f]{64}$/, 'SHA-256 in hex'))
    .required(),
  corrects: Joi.object({ entry: uuid.required(), why: text(NOTE_LIMIT).required() }),
});

export interface RouteDescription {
  readonly method: 'get' | 'put' | 'post' | 'delete';
  readonly path: string;
  readonly summary: string;
  /** Who may; `anyone` needs no sign-in. */
  readonly roles: readonly Role[] | 'anyone';
  readonly body?: Joi.ObjectSchema;
}

const EVERYBODY: readonly Role[] = ['technician', 'lead', 'inspector', 'admin'];
const MAKERS: readonly Role[] = ['technician', 'lead', 'admin'];

/** Every route of the API: what the server registers, what OpenAPI describes, what the roles test walks. */
export const ROUTES = {
  health: { method: 'get', path: '/api/health', summary: 'Is the server up, and its database', roles: 'anyone' },
  openapi: { method: 'get', path: '/api/openapi.json', summary: 'This description', roles: 'anyone' },
  demoPeople: { method: 'get', path: '/api/demo/people', summary: 'Demo sign-ins; empty outside demo mode', roles: 'anyone' },
  signIn: { method: 'post', path: '/api/session', summary: 'Sign in', roles: 'anyone', body: signInRequest },
  me: { method: 'get', path: '/api/session', summary: 'Who is signed in', roles: EVERYBODY },
  signOut: { method: 'delete', path: '/api/session', summary: 'Sign out', roles: EVERYBODY },
  putUnits: { method: 'put', path: '/api/me/units', summary: 'Units one person reads in', roles: EVERYBODY, body: unitsRequest },
  today: { method: 'get', path: '/api/today', summary: 'What waits', roles: EVERYBODY },
  van: { method: 'get', path: '/api/van', summary: 'Rods, torch and gas on the van', roles: EVERYBODY },
  getSchools: { method: 'get', path: '/api/schools', summary: 'The shop’s answers where practitioners differ', roles: EVERYBODY },
  putSchools: { method: 'put', path: '/api/schools', summary: 'Choose the shop’s schools', roles: ['lead', 'admin'], body: schoolsRequest },
  getJob: { method: 'get', path: '/api/jobs/:job', summary: 'One job with its joints', roles: EVERYBODY },
  putJob: { method: 'put', path: '/api/jobs/:job', summary: 'Open a job', roles: MAKERS, body: putJobRequest },
  putJoint: { method: 'put', path: '/api/jobs/:job/joints/:joint', summary: 'Add a joint to a job', roles: MAKERS, body: putJointRequest },
  putJobEntry: {
    method: 'put',
    path: '/api/jobs/:job/entries/:entry',
    summary: 'Note something of a job: its own schools with the reason, or a sum from the bench',
    roles: MAKERS,
    body: putJobEntryRequest,
  },
  getJoint: { method: 'get', path: '/api/joints/:joint', summary: 'One joint with its plan and record', roles: EVERYBODY },
  findJoint: { method: 'get', path: '/api/find/:tag', summary: 'A joint by its tag', roles: EVERYBODY },
  putPlan: { method: 'put', path: '/api/joints/:joint/plans/:plan', summary: 'Store a plan', roles: MAKERS, body: putPlanRequest },
  putEntry: {
    method: 'put',
    path: '/api/joints/:joint/entries/:entry',
    summary: 'Add an entry to the record',
    roles: MAKERS,
    body: putEntryRequest,
  },
  exportRecord: { method: 'get', path: '/api/joints/:joint/record.json', summary: 'The record as a file', roles: EVERYBODY },
  planPdf: { method: 'get', path: '/api/joints/:joint/plan.pdf', summary: 'The plan as a page to print', roles: EVERYBODY },
  plansPdf: { method: 'get', path: '/api/jobs/:job/plans.pdf', summary: 'All plans of a job, a page each', roles: EVERYBODY },
  putPhoto: { method: 'put', path: '/api/photos/:source', summary: 'Store a photo under the SHA-256 of what is sent', roles: MAKERS },
  getPhoto: { method: 'get', path: '/api/photos/:sha256', summary: 'A photo', roles: EVERYBODY },
} as const satisfies Readonly<Record<string, RouteDescription>>;
