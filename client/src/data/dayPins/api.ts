import type { Answer, Body } from '@kesto/contract';
import { api } from '@/api/api';
import { call } from '@/api/call';

const dayPinApi = api.injectEndpoints({
  endpoints: (build) => ({
    setDayPin: build.mutation<Answer<'setDayPin'>, { pin: string; body: Body<'setDayPin'> }>({
      query: ({ pin, body }) => call('setDayPin', { pin }, body),
    }),
    pinOverrulings: build.query<Answer<'pinOverrulings'>, void>({
      query: () => call('pinOverrulings', {}),
      providesTags: ['Today'],
    }),
  }),
});

export const { useSetDayPinMutation, usePinOverrulingsQuery } = dayPinApi;
