// An instrument that does nothing but send, as fast as it is told to: for measuring the server, not a machine.

const COLUMNS = [
  { quantity: 'gauge-pressure', step: 0.1 },
  { quantity: 'pipe-temperature', step: 0.1 },
];
/** Sent in one message: what came in half a second. */
const EVERY_MS = 500;

/** Joins by its code and sends; what is not acknowledged counts as left. */
export async function instrumentAt(WebSocket, url, { code, name, aSecond }) {
  const socket = new WebSocket(`${url.replace('http', 'ws')}/live`);
  await new Promise((open, fail) => socket.once('open', open).once('error', fail));
  let [n, acked] = [0, 0];
  await new Promise((paired, fail) => {
    socket.on('message', (data) => {
      const said = JSON.parse(String(data));
      if (said.paired) paired();
      if (said.refused) fail(new Error(said.refused.message));
      if (said.ack) acked = said.ack;
    });
    socket.send(JSON.stringify({ pair: code, instrument: { kind: 'pressure-temperature', name, columns: COLUMNS } }));
  });
  const count = (aSecond * EVERY_MS) / 1000;
  const sending = setInterval(() => {
    const now = Date.now();
    const samples = Array.from({ length: count }, (_, i) => [++n, now + (i * 1000) / aSecond, 10_000 - (n % 7), 180 + (n % 3)]);
    socket.send(JSON.stringify({ samples }));
  }, EVERY_MS);
  return {
    sent: () => n,
    left: () => n - acked,
    rest: () => clearInterval(sending),
    close: () => socket.terminate(),
  };
}
