import type { Answer } from '@kesto/contract';
import type { Schools } from '@kesto/core';
import { api } from '@/api/api';
import { call } from '@/api/call';
import { thing, usePendingBody, type Write } from '@/outbox';
import { madeFrom } from '@/outbox/madeFrom';

const shopApi = api.injectEndpoints({
  endpoints: (build) => ({
    schools: build.query<Answer<'getSchools'>, void>({ query: () => call('getSchools', {}), providesTags: ['Schools'] }),
  }),
});

const { useSchoolsQuery } = shopApi;

export const useShopSchools = () => usePendingBody(useSchoolsQuery(), thing.schools, 'putSchools');

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
