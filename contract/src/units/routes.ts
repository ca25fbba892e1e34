import { get, put } from '../route';
import { EVERYBODY, MAKERS } from '../session/types';
import type { PutSiteRequest, PutUnitRequest, SisterCharge, SiteView, UnitHistory, UnitPage, UnitView } from './types';

export const UNIT_ROUTES = {
  sites: get<readonly SiteView[]>()('/api/sites', { summary: 'Sites of this shop', roles: EVERYBODY }),
  putSite: put<PutSiteRequest, SiteView>()('/api/sites/:site', { summary: 'Add a site, or put right what is said of it', roles: MAKERS }),
  units: get<UnitPage>()('/api/units/after/:after', { summary: 'Units with their circuits, a page of them', roles: EVERYBODY }),
  getUnit: get<UnitView>()('/api/units/:unit', { summary: 'One unit with its circuits', roles: EVERYBODY }),
  unitHistory: get<UnitHistory>()('/api/units/:unit/history', {
    summary: 'Leaks found on a unit, its joints and its jobs',
    roles: EVERYBODY,
  }),
  sisterCharges: get<readonly SisterCharge[]>()('/api/units/:unit/sisters', {
    summary: 'What machines of the same model hold, and were charged with last',
    roles: EVERYBODY,
  }),
  putUnit: put<PutUnitRequest, UnitView>()('/api/units/:unit', { summary: 'Add a unit, or put its plate right', roles: MAKERS }),
} as const;
