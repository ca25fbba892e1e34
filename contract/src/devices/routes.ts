import { get, put } from '../route';
import { EVERYBODY, type Done } from '../session/types';
import type { DeviceView, EndDeviceRequest, SetDeviceRequest, VouchRequest } from './types';

export const DEVICE_ROUTES = {
  devices: get<readonly DeviceView[]>()('/api/devices', {
    summary: 'Keys of one’s own devices; for leads those of everybody',
    roles: EVERYBODY,
  }),
  setDevice: put<SetDeviceRequest, Done>()('/api/me/devices/:device', {
    summary: 'Enter the key of the device one signs in on',
    roles: EVERYBODY,
  }),
  setVouched: put<VouchRequest, Done>()('/api/devices/:device/vouched/:entry', {
    summary: 'Vouch for a device: one’s own from another of one’s own, or anybody’s as a lead',
    roles: EVERYBODY,
  }),
  setDeviceEnded: put<EndDeviceRequest, Done>()('/api/devices/:device/ended/:entry', {
    summary: 'End a device’s key: one’s own, or anybody’s as a lead',
    roles: EVERYBODY,
  }),
} as const;
