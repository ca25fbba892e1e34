import { unitContent, unitRequestOf, type Body, type UnitView } from '@kesto/contract';
import { thing, type Write } from '@/outbox';
import { madeFrom } from '@/outbox/madeFrom';

export const siteWrite = (id: string, body: Body<'putSite'>): Write<'putSite'> => ({
  route: 'putSite',
  params: { site: id },
  body,
  about: [thing.site(id)],
  needs: [],
  makes: thing.site(id),
  changes: ['Unit', 'Job', 'Joint'],
});

/** `before` is the plate that was put right; null for a unit that is new. */
export const unitWrite = (id: string, body: Body<'putUnit'>, before: UnitView | null): Write<'putUnit'> => ({
  route: 'putUnit',
  params: { unit: id },
  body,
  about: [thing.unit(id)],
  needs: [thing.site(body.siteId), ...(body.platePhotos ?? []).map(thing.photo)],
  makes: before ? null : thing.unit(id),
  ...(before ? { madeFrom: madeFrom(unitContent(before), unitRequestOf(before)) } : {}),
  changes: ['Unit', 'Today', 'Job', 'Joint'],
});
