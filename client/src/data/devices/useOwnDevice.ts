import { useEffect } from 'react';
import { useSetDeviceMutation } from './api';
import { keyFor, markEntered } from '@/signing';

/** Whoever is signed in signs by a key of this device, which the shop's record knows: entered once, and tried again at the next contact. */
export function useOwnDevice(person: string): void {
  const [enter] = useSetDeviceMutation();
  useEffect(() => {
    async function see(): Promise<void> {
      const own = await keyFor(person);
      if (!own || own.isEntered) return;
      const { device, alg, key } = own;
      const answer = await enter({ device, body: { alg, key, deviceTime: new Date().toISOString() } });
      if (!answer.error) await markEntered(own);
    }
    // A browser that keeps no key signs nothing, and the record says so.
    void see().catch(() => undefined);
  }, [enter, person]);
}
