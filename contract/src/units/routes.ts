import { get, put } from '../route';
import { EVERYBODY, MAKERS } from '../session/types';
import type {
  PutSiteRequest,
  PutUnitRequest,
  SisterCharge,
  SitePage,
  SiteView,
  UnitHistory,
  UnitPage,
  UnitsOfSite,
  UnitView,
} from './types';

export const UNIT_ROUTES = {
  sites: get<SitePage>()('/api/sites/after/:after', EVERYBODY),
  sitesNamed: get<readonly SiteView[]>()('/api/sites/named/:name', EVERYBODY),
  getSite: get<SiteView>()('/api/sites/:site', EVERYBODY),
  putSite: put<PutSiteRequest, SiteView>()('/api/sites/:site', MAKERS),
  units: get<UnitPage>()('/api/units/after/:after', EVERYBODY),
  unitsOn: get<readonly UnitsOfSite[]>()('/api/units/on/:sites', EVERYBODY),
  unitsAt: get<UnitsOfSite>()('/api/sites/:site/units/after/:after', EVERYBODY),
  getUnit: get<UnitView>()('/api/units/:unit', EVERYBODY),
  unitHistory: get<UnitHistory>()('/api/units/:unit/history', EVERYBODY),
  sisterCharges: get<readonly SisterCharge[]>()('/api/units/:unit/sisters', EVERYBODY),
  putUnit: put<PutUnitRequest, UnitView>()('/api/units/:unit', MAKERS),
} as const;
