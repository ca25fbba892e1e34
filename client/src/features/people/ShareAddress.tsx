import { useState } from 'react';
import { FrameKey } from '@/ui/Buttons';
import { WORDS } from './words';

/** Hands an address on by the device's own way of sharing; where there is none it is copied. */
export function ShareAddress({ address, name }: { address: string; name: string }) {
  const [done, setDone] = useState<'shared' | 'copied' | 'failed' | null>(null);
  async function share() {
    const { navigator } = globalThis;
    try {
      if (typeof navigator.share === 'function') {
        await navigator.share({ title: `Kesto, for ${name}`, url: address });
        return setDone('shared');
      }
      await navigator.clipboard.writeText(address);
      setDone('copied');
    } catch (error) {
      // Whoever closes the sheet of their device has not failed.
      if (!(error instanceof DOMException && error.name === 'AbortError')) setDone('failed');
    }
  }
  const said = { shared: 'Shared', copied: 'Copied', failed: 'Copy it by hand' } as const;
  return <FrameKey label={done ? said[done] : WORDS.shareTheAddress} onPress={() => void share()} />;
}
