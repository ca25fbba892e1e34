import type { Body } from '@kesto/contract/api';
import { thing, type Write } from '@/outbox';

export const siteWrite = (id: string, body: Body<'putSite'>): Write<'putSite'> => ({
  route: 'putSite',
  params: { site: id },
  body,
  things: [thing.site(id)],
  changes: ['Unit', 'Job', 'Joint'],
});

export const unitWrite = (id: string, body: Body<'putUnit'>): Write<'putUnit'> => ({
  route: 'putUnit',
  params: { unit: id },
  body,
  things: [thing.unit(id), thing.site(body.siteId), ...(body.platePhotos ?? []).map(thing.photo)],
  changes: ['Unit', 'Today', 'Job', 'Joint'],
});
