import type { Answer, Body } from '@kesto/contract';
import { api } from '@/api/api';
import { call } from '@/api/call';

const deviceApi = api.injectEndpoints({
  endpoints: (build) => ({
    devices: build.query<Answer<'devices'>, void>({ query: () => call('devices', {}), providesTags: ['People'] }),
    setDevice: build.mutation<Answer<'setDevice'>, { device: string; body: Body<'setDevice'> }>({
      query: ({ device, body }) => call('setDevice', { device }, body),
      invalidatesTags: ['People'],
    }),
    setVouched: build.mutation<Answer<'setVouched'>, { device: string; entry: string; body: Body<'setVouched'> }>({
      query: ({ device, entry, body }) => call('setVouched', { device, entry }, body),
      invalidatesTags: ['People'],
    }),
    setDeviceEnded: build.mutation<Answer<'setDeviceEnded'>, { device: string; entry: string; body: Body<'setDeviceEnded'> }>({
      query: ({ device, entry, body }) => call('setDeviceEnded', { device, entry }, body),
      invalidatesTags: ['People'],
    }),
  }),
});

export const { useDevicesQuery, useLazyDevicesQuery, useSetDeviceMutation, useSetVouchedMutation, useSetDeviceEndedMutation } = deviceApi;
