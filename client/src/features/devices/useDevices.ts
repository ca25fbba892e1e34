import type { DeviceView } from '@kesto/contract';
import { useEffect, useState } from 'react';
import { v7 as uuid } from 'uuid';
import { errorText } from '@/api/api';
import { useDevicesQuery, useSetDeviceEndedMutation, useSetVouchedMutation } from '@/data/devices/api';
import { useMe } from '@/session/useMe';
import { keyOf } from '@/signing';
import { signStatement } from '@/signing/signStatement';
import { WORDS } from './words';

/** Keys of devices: whose, who vouched for them, and what may be said of them from this one. */
export function useDevices() {
  const me = useMe();
  const query = useDevicesQuery();
  const [vouch, vouching] = useSetVouchedMutation();
  const [end, ending] = useSetDeviceEndedMutation();
  const [own, setOwn] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const person = me?.person.id ?? '';
  useEffect(() => {
    void keyOf(person).then((key) => setOwn(key?.device ?? null));
  }, [person]);
  async function vouchFor({ device }: DeviceView): Promise<void> {
    const [entry, deviceTime, shop] = [uuid(), new Date().toISOString(), me?.shop.id ?? ''];
    const signed = await signStatement({
      ...{ shop, chain: { of: 'shop', id: shop }, id: entry, kind: 'device-vouched', told: { device }, photos: [] },
      ...{ person, onBehalfOf: null, deviceTime },
    });
    if (!signed) return setProblem(WORDS.noKey);
    const answer = await vouch({ device, entry, body: { deviceTime, signed } });
    setProblem(answer.error ? errorText(answer.error) : null);
  }
  async function endOf({ device }: DeviceView, why: 'lost' | 'given-away'): Promise<void> {
    const answer = await end({ device, entry: uuid(), body: { why, deviceTime: new Date().toISOString() } });
    setProblem(answer.error ? errorText(answer.error) : null);
  }
  return {
    query,
    own,
    problem,
    busy: vouching.isLoading || ending.isLoading,
    vouchFor: (device: DeviceView) => void vouchFor(device),
    endOf: (device: DeviceView, why: 'lost' | 'given-away') => void endOf(device, why),
  };
}
