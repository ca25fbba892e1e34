import { get, put, type Streamed } from '../route';
import { EVERYBODY, MAKERS, type Done } from '../session/types';
import type { HoldLive, HoldLogRequest, KeptLog, Pairing, PairingRequest, PullLive, StandInRequest, StandInSoap } from './types';

export const INSTRUMENT_ROUTES = {
  setPairing: put<PairingRequest, Pairing>()('/api/jobs/:job/pairings/:pairing', MAKERS),
  holdLive: get<HoldLive>()('/api/jobs/:job/holds/:hold/live', EVERYBODY),
  pullLive: get<PullLive>()('/api/jobs/:job/pulls/:pull/live', EVERYBODY),
  setSeriesEnd: put<object, Done>()('/api/jobs/:job/series/:series/end', MAKERS),
  setHoldLog: put<HoldLogRequest, KeptLog>()('/api/jobs/:job/holds/:hold/logs/:log', MAKERS),
  holdCsv: get<Streamed<ArrayBuffer>>()('/api/jobs/:job/holds/:hold/samples.csv', EVERYBODY),
  setStandIn: put<StandInRequest, Done>()('/api/jobs/:job/stand-ins/:standIn', MAKERS),
  standInSoap: get<StandInSoap>()('/api/jobs/:job/holds/:hold/soap/:place', MAKERS),
} as const;
