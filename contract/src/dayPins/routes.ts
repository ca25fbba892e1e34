import type { JobLink } from '@kesto/core';
import { get, put } from '../route';
import { LEADS, MAKERS, type Done } from '../session/types';
import type { DayPin, PinOverruling, PutDayPinRequest, PutPinOverrulingRequest, PutPinSeenRequest } from './types';

export const DAY_PIN_ROUTES = {
  setDayPin: put<PutDayPinRequest, DayPin>()('/api/day-pins/:pin', MAKERS),
  putPinOverruling: put<PutPinOverrulingRequest, JobLink>()('/api/jobs/:job/pin-overrulings/:entry', MAKERS),
  pinOverrulings: get<readonly PinOverruling[]>()('/api/pin-overrulings', LEADS),
  putPinSeen: put<PutPinSeenRequest, Done>()('/api/pin-overrulings/:entry/seen', LEADS),
} as const;
