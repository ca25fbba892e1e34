/**
 * Whether others on the network can read what is typed: the page came over plain HTTP from another machine. Browsers then give
 * no camera, no installing, and keep nothing for when there is no signal.
 */
export const isOpenToListeners = (): boolean => globalThis.isSecureContext === false;

export const OPEN_TO_LISTENERS =
  'This page came over plain HTTP: others on the network can read along, and this browser gives no camera, no installing and keeps nothing for when there is no signal. Whoever runs the server can turn TLS on.';
