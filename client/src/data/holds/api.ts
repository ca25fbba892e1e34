import type { Answer, Body } from '@kesto/contract';
import { api } from '@/api/api';
import { call } from '@/api/call';

interface OfHold {
  readonly job: string;
  readonly hold: string;
}

/** Asked of one of several instruments. */
const judgedBy = <C extends { readonly url: string }>(asked: C, by: string | null | undefined): C =>
  by ? { ...asked, url: `${asked.url}?by=${by}` } : asked;

export const holdApi = api.injectEndpoints({
  endpoints: (build) => ({
    holdLive: build.query<Answer<'holdLive'>, OfHold & { readonly by?: string | null }>({
      query: ({ by, ...of }) => judgedBy(call('holdLive', of), by),
    }),
    pullLive: build.query<Answer<'pullLive'>, { readonly job: string; readonly pull: string; readonly by?: string | null }>({
      query: ({ by, ...of }) => judgedBy(call('pullLive', of), by),
    }),
    setPairing: build.mutation<Answer<'setPairing'>, { job: string; pairing: string; body: Body<'setPairing'> }>({
      query: ({ body, ...of }) => call('setPairing', of, body),
    }),
    setSeriesEnd: build.mutation<Answer<'setSeriesEnd'>, { job: string; series: string }>({
      query: (of) => call('setSeriesEnd', of, {}),
    }),
    setHoldLog: build.mutation<Answer<'setHoldLog'>, OfHold & { log: string; body: Body<'setHoldLog'> }>({
      query: ({ body, ...of }) => call('setHoldLog', of, body),
    }),
    setStandIn: build.mutation<Answer<'setStandIn'>, { job: string; standIn: string; body: Body<'setStandIn'> }>({
      query: ({ body, ...of }) => call('setStandIn', of, body),
    }),
    standInSoap: build.query<Answer<'standInSoap'>, OfHold & { place: string }>({ query: (of) => call('standInSoap', { ...of }) }),
  }),
});

/** As it was fetched last, without asking. */
export const useHoldLiveState = holdApi.endpoints.holdLive.useQueryState;
export const usePullLiveState = holdApi.endpoints.pullLive.useQueryState;
export const {
  usePullLiveQuery,
  useHoldLiveQuery,
  useSetPairingMutation,
  useSetStandInMutation,
  useSetHoldLogMutation,
  useSetSeriesEndMutation,
  useLazyStandInSoapQuery,
} = holdApi;
