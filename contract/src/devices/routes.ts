import { get, put } from '../route';
import { EVERYBODY, type Done } from '../session/types';
import type { DeviceView, EndDeviceRequest, SetDeviceRequest, VouchRequest } from './types';

export const DEVICE_ROUTES = {
  devices: get<readonly DeviceView[]>()('/api/devices', EVERYBODY),
  setDevice: put<SetDeviceRequest, Done>()('/api/me/devices/:device', EVERYBODY),
  setVouched: put<VouchRequest, Done>()('/api/devices/:device/vouched/:entry', EVERYBODY),
  setDeviceEnded: put<EndDeviceRequest, Done>()('/api/devices/:device/ended/:entry', EVERYBODY),
} as const;
