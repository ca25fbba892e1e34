/** A line to this very server, beside its requests: opened by the page's own sign-in. */
export function openLine(path: string): WebSocket {
  const { protocol, host } = globalThis.location;
  return new WebSocket(`${protocol === 'https:' ? 'wss' : 'ws'}://${host}${path}`);
}
