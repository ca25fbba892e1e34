import type { Schools } from '@kesto/core';
import { thing, type Write } from '@/outbox';
import { madeFrom } from '@/outbox/madeFrom';

/** `before` is what the choice was made from. */
export const schoolsWrite = (body: Schools, before: Schools): Write<'putSchools'> => ({
  route: 'putSchools',
  params: {},
  body,
  about: [thing.schools],
  needs: [],
  makes: null,
  madeFrom: madeFrom(before),
  changes: ['Schools'],
});
