import type { JobLink } from '@kesto/core';
import { get, put } from '../route';
import { LEADS, MAKERS, type Done } from '../session/types';
import type { DayPin, PinOverruling, PutDayPinRequest, PutPinOverrulingRequest, PutPinSeenRequest } from './types';

export const DAY_PIN_ROUTES = {
  setDayPin: put<PutDayPinRequest, DayPin>()('/api/day-pins/:pin', {
    summary: 'As a lead who signs in for it: a PIN until midnight that overrules gates on this one phone without a signal',
    roles: MAKERS,
  }),
  putPinOverruling: put<PutPinOverrulingRequest, JobLink>()('/api/jobs/:job/pin-overrulings/:entry', {
    summary: 'Overrule a gate by a lead’s PIN of the day',
    roles: MAKERS,
  }),
  pinOverrulings: get<readonly PinOverruling[]>()('/api/pin-overrulings', {
    summary: 'What was overruled by one’s own PIN and was not seen yet',
    roles: LEADS,
  }),
  putPinSeen: put<PutPinSeenRequest, Done>()('/api/pin-overrulings/:entry/seen', {
    summary: 'Say that one has seen an overruling by one’s own PIN',
    roles: LEADS,
  }),
} as const;
