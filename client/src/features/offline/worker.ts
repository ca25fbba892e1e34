import { Workbox } from 'workbox-window';

const SCRIPT = '/sw.js';
let workbox: Workbox | null = null;

/** Whether this browser opens Kesto without a signal: only over TLS or on this machine, and in a built application. */
export const opensWithoutSignal = (): boolean =>
  process.env.NODE_ENV === 'production' && globalThis.navigator?.serviceWorker !== undefined && globalThis.isSecureContext;

/** Keeps the application on the device. `newer` is told when another release waits: it is never put in the place of an open page. */
export function keepApplication(newer: () => void): void {
  if (workbox || !opensWithoutSignal()) return;
  workbox = new Workbox(SCRIPT, { updateViaCache: 'none' });
  workbox.addEventListener('waiting', newer);
  workbox.register().catch(() => undefined); // refused by the browser: everything but this works
}

/** Takes the release that waits: the page is loaded anew once it is in its place. */
export function takeNewer(): void {
  workbox?.addEventListener('controlling', () => globalThis.location.reload());
  workbox?.messageSkipWaiting();
}
