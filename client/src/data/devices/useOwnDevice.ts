import { useEffect } from 'react';
import { keyFor, markEntered, noteEntering, renewKey } from '@/signing';
import { useLazyDevicesQuery, useSetDeviceMutation } from './api';

/**
 * Whoever is signed in signs by a key of this device, which the shop's record knows: entered once, tried again at the next contact, and made
 * anew where it was ended.
 */
export function useOwnDevice(person: string): void {
  const [enter] = useSetDeviceMutation();
  const [ask] = useLazyDevicesQuery();
  useEffect(() => {
    async function see(): Promise<void> {
      const kept = await keyFor(person);
      if (!kept) return;
      const listed = kept.isEntered ? (await ask()).data?.find(({ device }) => device === kept.device) : undefined;
      if (kept.isEntered && !listed?.until) return;
      const own = kept.isEntered ? await renewKey(person) : kept;
      if (!own) return;
      const { device, alg, key } = own;
      const answer = await enter({ device, body: { alg, key, deviceTime: new Date().toISOString() } });
      if (!answer.error) await markEntered(own);
    }
    // A browser that keeps no key signs nothing, and the record says so.
    noteEntering(see());
  }, [ask, enter, person]);
}
