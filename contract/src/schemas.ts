import type Joi from 'joi';
import { circuitGraph } from './circuits/schema';
import { putJobEntryRequest, putJobRequest, putJointRequest } from './jobs/schema';
import { sendEntriesRequest } from './entries/schema';
import { putEntryRequest, putPlanRequest } from './joints/schema';
import { eraseRequest } from './ledger/schema';
import {
  codeRequest,
  joinRequest,
  leftRequest,
  putInviteRequest,
  putPasswordRequest,
  putPersonRequest,
  roleRequest,
} from './people/schema';
import { keepReportRequest } from './print/schema';
import type { NoBody } from './route';
import type { Body, RouteName } from './routes';
import { schoolsRequest } from './engine/schema';
import { signInRequest, unitsRequest } from './session/schema';
import { putVanRequest } from './shop/schema';
import { fromInstrument, fromWatcher, holdLogRequest, pairingRequest, seriesEndRequest, standInRequest } from './instruments/schema';
import { readLabelRequest } from './labels/schema';
import { endDeviceRequest, setDeviceRequest, vouchRequest } from './devices/schema';
import { putShopKeyRequest, setServerRequest } from './seal/schema';
import { putCommentRequest } from './comments/schema';
import { putDayPinRequest, putPinOverrulingRequest, putPinSeenRequest } from './dayPins/schema';
import { overruleBesideRequest, putStageEntryRequest } from './stages/schema';
import { putSiteRequest, putUnitRequest } from './units/schema';

export * from './circuits/schema';
export { fromInstrument, fromWatcher };
export * from './engine/holdSchema';
export * from './engine/schema';
export * from './engine/pullSchema';
export * from './engine/chargeSchema';
export * from './jobs/schema';
export * from './found/schema';
export * from './joints/schema';
export * from './ledger/schema';
export * from './people/schema';
export * from './session/schema';
export * from './shop/schema';
export * from './stages/schema';
export * from './units/schema';
export * from './schema/check';
export * from './schema/quantity';

type WithBody = { [Name in RouteName]: Body<Name> extends NoBody ? never : Name }[RouteName];

/** The schema of every body: a route that carries one and is not named here does not compile. */
export const BODY_SCHEMAS: { readonly [Name in WithBody]: Joi.ObjectSchema<Body<Name>> } = {
  signIn: signInRequest,
  putUnits: unitsRequest,
  putPerson: putPersonRequest,
  setRole: roleRequest,
  setLeft: leftRequest,
  putInvite: putInviteRequest,
  readInvite: codeRequest,
  join: joinRequest,
  putPassword: putPasswordRequest,
  putVan: putVanRequest,
  putSchools: schoolsRequest,
  putSite: putSiteRequest,
  putUnit: putUnitRequest,
  putDrawing: circuitGraph,
  putJob: putJobRequest,
  putJoint: putJointRequest,
  putJobEntry: putJobEntryRequest,
  putStageEntry: putStageEntryRequest,
  overruleBeside: overruleBesideRequest,
  setPairing: pairingRequest,
  setStandIn: standInRequest,
  setHoldLog: holdLogRequest,
  setSeriesEnd: seriesEndRequest,
  setDayPin: putDayPinRequest,
  putPinOverruling: putPinOverrulingRequest,
  putPinSeen: putPinSeenRequest,
  setReport: keepReportRequest,
  setShopKey: putShopKeyRequest,
  setServer: setServerRequest,
  setDevice: setDeviceRequest,
  setVouched: vouchRequest,
  setDeviceEnded: endDeviceRequest,
  readLabel: readLabelRequest,
  putJointComment: putCommentRequest,
  putJobComment: putCommentRequest,
  putPlan: putPlanRequest,
  putEntry: putEntryRequest,
  sendEntries: sendEntriesRequest,
  eraseOfJoint: eraseRequest,
  eraseOfJob: eraseRequest,
};

export const bodySchemaOf = (name: RouteName): Joi.ObjectSchema | null =>
  (BODY_SCHEMAS as Readonly<Partial<Record<RouteName, Joi.ObjectSchema>>>)[name] ?? null; // cast: most routes carry no body
