import { AUDIT_START, type AuditPage } from '@kesto/contract';
import { api } from '@/api/api';
import { call } from '@/api/call';

const auditApi = api.injectEndpoints({
  endpoints: (build) => ({
    audit: build.infiniteQuery<AuditPage, void, string>({
      infiniteQueryOptions: { initialPageParam: AUDIT_START, getNextPageParam: ({ next }) => next ?? undefined },
      query: ({ pageParam }) => call('audit', { before: pageParam }),
      // What happened since it was looked at last is not in what was fetched.
      keepUnusedDataFor: 0,
    }),
  }),
});

export const { useAuditInfiniteQuery } = auditApi;
