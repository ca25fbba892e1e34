import type { Answer } from '@kesto/contract';
import { api } from '@/api/api';
import { call } from '@/api/call';

const todayApi = api.injectEndpoints({
  endpoints: (build) => ({ today: build.query<Answer<'today'>, void>({ query: () => call('today', {}), providesTags: ['Today'] }) }),
});

export const { useTodayQuery } = todayApi;
