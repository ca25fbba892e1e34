import { AUDIT_ROUTES } from './audit/routes';
import { CIRCUIT_ROUTES } from './circuits/routes';
import { COMMENT_ROUTES } from './comments/routes';
import { DAY_PIN_ROUTES } from './dayPins/routes';
import { DEVICE_ROUTES } from './devices/routes';
import { ENTRIES_ROUTES } from './entries/routes';
import { FOUND_ROUTES } from './found/routes';
import { IMPORT_ROUTES } from './imports/routes';
import { INSTRUMENT_ROUTES } from './instruments/routes';
import { JOB_ROUTES } from './jobs/routes';
import { JOINT_ROUTES } from './joints/routes';
import { LABEL_ROUTES } from './labels/routes';
import { LEDGER_ROUTES } from './ledger/routes';
import { MATERIAL_ROUTES } from './materials/routes';
import { PEOPLE_ROUTES } from './people/routes';
import { PHOTO_ROUTES } from './photos/routes';
import { PRINT_ROUTES } from './print/routes';
import type { ParamsOf, Route, Streamed } from './route';
import { SESSION_ROUTES } from './session/routes';
import { SHOP_ROUTES } from './shop/routes';
import { SEAL_ROUTES } from './seal/routes';
import { SEARCH_ROUTES } from './search/routes';
import { STAGE_ROUTES } from './stages/routes';
import { UNIT_ROUTES } from './units/routes';
import { SYSTEM_ROUTES } from './system/routes';

/** Every route of the API: what the server registers, the client calls, OpenAPI describes and the roles test walks. */
export const ROUTES = {
  ...SYSTEM_ROUTES,
  ...SESSION_ROUTES,
  ...MATERIAL_ROUTES,
  ...PEOPLE_ROUTES,
  ...SHOP_ROUTES,
  ...UNIT_ROUTES,
  ...CIRCUIT_ROUTES,
  ...JOB_ROUTES,
  ...COMMENT_ROUTES,
  ...DAY_PIN_ROUTES,
  ...DEVICE_ROUTES,
  ...ENTRIES_ROUTES,
  ...FOUND_ROUTES,
  ...IMPORT_ROUTES,
  ...INSTRUMENT_ROUTES,
  ...SEAL_ROUTES,
  ...SEARCH_ROUTES,
  ...STAGE_ROUTES,
  ...JOINT_ROUTES,
  ...LABEL_ROUTES,
  ...LEDGER_ROUTES,
  ...PRINT_ROUTES,
  ...PHOTO_ROUTES,
  ...AUDIT_ROUTES,
} as const;

export type RouteName = keyof typeof ROUTES;
type Carried<Name extends RouteName> =
  (typeof ROUTES)[Name] extends Route<string, infer Body, infer Answer> ? { body: Body; answer: Answer } : never;

export type Body<Name extends RouteName> = Carried<Name>['body'];
/** As the server gives it: `Streamed` where the handler sends it by itself. */
export type Given<Name extends RouteName> = Carried<Name>['answer'];
/** As whoever asks reads it. */
export type Answer<Name extends RouteName> = Given<Name> extends Streamed<infer T> ? T : Given<Name>;
export type Params<Name extends RouteName> = Readonly<Record<ParamsOf<(typeof ROUTES)[Name]['path']>, string>>;
