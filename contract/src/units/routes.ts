import { get, put } from '../route';
import { EVERYBODY, MAKERS } from '../session/types';
import type { PutSiteRequest, PutUnitRequest, SisterCharge, SiteView, UnitHistory, UnitPage, UnitView } from './types';

export const UNIT_ROUTES = {
  sites: get<readonly SiteView[]>()('/api/sites', EVERYBODY),
  putSite: put<PutSiteRequest, SiteView>()('/api/sites/:site', MAKERS),
  units: get<UnitPage>()('/api/units/after/:after', EVERYBODY),
  getUnit: get<UnitView>()('/api/units/:unit', EVERYBODY),
  unitHistory: get<UnitHistory>()('/api/units/:unit/history', EVERYBODY),
  sisterCharges: get<readonly SisterCharge[]>()('/api/units/:unit/sisters', EVERYBODY),
  putUnit: put<PutUnitRequest, UnitView>()('/api/units/:unit', MAKERS),
} as const;
