import { get, put, type Streamed } from '../route';
import { EVERYBODY, MAKERS, type Done } from '../session/types';
import type { HoldLive, HoldLogRequest, KeptLog, Pairing, PairingRequest, PullLive, StandInRequest, StandInSoap } from './types';

export const INSTRUMENT_ROUTES = {
  setPairing: put<PairingRequest, Pairing>()('/api/jobs/:job/pairings/:pairing', {
    summary: 'A code by which one instrument joins a hold, once, within five minutes',
    roles: MAKERS,
  }),
  holdLive: get<HoldLive>()('/api/jobs/:job/holds/:hold/live', {
    summary: 'What instruments have sent of a hold, thinned for a screen, and what the server makes of it',
    roles: EVERYBODY,
  }),
  pullLive: get<PullLive>()('/api/jobs/:job/pulls/:pull/live', {
    summary: 'What instruments have sent of a pull, thinned for a screen, and what its rise shows so far',
    roles: EVERYBODY,
  }),
  setSeriesEnd: put<object, Done>()('/api/jobs/:job/series/:series/end', {
    summary: 'An instrument is let go: it is heard no more, what it sent stays',
    roles: MAKERS,
  }),
  setHoldLog: put<HoldLogRequest, KeptLog>()('/api/jobs/:job/holds/:hold/logs/:log', {
    summary: 'A logger’s file of a hold, piece by piece',
    roles: MAKERS,
  }),
  holdCsv: get<Streamed<ArrayBuffer>>()('/api/jobs/:job/holds/:hold/samples.csv', {
    summary: 'All samples of a hold as a table',
    roles: EVERYBODY,
  }),
  setStandIn: put<StandInRequest, Done>()('/api/jobs/:job/stand-ins/:standIn', {
    summary: 'In the demo: start a stand-in instrument at a machine that is only worked out',
    roles: MAKERS,
  }),
  standInSoap: get<StandInSoap>()('/api/jobs/:job/holds/:hold/soap/:place', {
    summary: 'In the demo: whether soap would bubble at a place of the machine that is only worked out',
    roles: MAKERS,
  }),
} as const;
