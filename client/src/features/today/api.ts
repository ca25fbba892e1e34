import type { Today } from '@kesto/contract';
import { api } from '@/api/api';

const todayApi = api.injectEndpoints({
  endpoints: (build) => ({ today: build.query<Today, void>({ query: () => 'today', providesTags: ['Today'] }) }),
});

export const { useTodayQuery } = todayApi;
