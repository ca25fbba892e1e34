import { foundAddress, type FoundAsked, type FoundPage } from '@kesto/contract/api';
import { api } from '@/api/api';
import { call } from '@/api/call';

const foundApi = api.injectEndpoints({
  endpoints: (build) => ({
    found: build.infiniteQuery<FoundPage, FoundAsked, string | null>({
      infiniteQueryOptions: { initialPageParam: null, getNextPageParam: ({ next }) => next },
      query: ({ queryArg, pageParam }) =>
        call('found', { asked: foundAddress({ ...queryArg, ...(pageParam ? { after: pageParam } : {}) }) }),
      // What was noted since it was looked at last is not in what was fetched.
      keepUnusedDataFor: 0,
    }),
  }),
});

export const { useFoundInfiniteQuery } = foundApi;
