import { STATUS_CODES, type IncomingMessage, type Server } from 'node:http';
import type { Duplex } from 'node:stream';
import { WebSocketServer, type WebSocket } from 'ws';
import { judgeUpgrade, type Caller } from './upgrade';

/** One connection, as whoever answers it sees it. */
export interface Line {
  readonly address: string;
  /** As it was opened: who signed in on that page. */
  readonly cookie: string;
  /** What was said last is not read yet. */
  readonly isBehind: () => boolean;
  readonly say: (message: object) => void;
  readonly close: () => void;
  /** Answers each message, one after the other. */
  readonly onMessage: (hear: (text: string) => Promise<void>) => void;
  readonly onClose: (then: () => void) => void;
}

const MOST_BYTES = 64 * 1024;
const MOST_A_SECOND = 50;
const PING_MS = 20_000;
/** The first message has to be there by then. */
const FIRST_MS = 10_000;
/** Whoever does not read loses the line: nothing is queued for them. */
const MOST_UNREAD = 256 * 1024;

/** A path, and who is heard there. */
export interface LiveEnd {
  readonly path: string;
  readonly caller: Caller;
  readonly onLine: (line: Line) => void;
}

interface Live {
  readonly ends: readonly LiveEnd[];
  readonly isOwnHost: (host: string) => boolean;
}

/** Listens for instruments and for pages that watch; answers how it is closed. */
export function listenLive(server: Server, { ends, isOwnHost }: Live): () => void {
  const sockets = new WebSocketServer({ noServer: true, maxPayload: MOST_BYTES, perMessageDeflate: false, clientTracking: true });
  const byAddress = new Map<string, number>();
  server.on('upgrade', (request: IncomingMessage, socket: Duplex, head: Buffer) => {
    const address = request.socket.remoteAddress ?? '';
    const end = ends.find(({ path }) => path === request.url?.split('?')[0]);
    const from = `${end?.path ?? ''} ${address}`;
    const standing = { ofAddress: byAddress.get(from) ?? 0, inAll: sockets.clients.size };
    const refused = judgeUpgrade(request, { caller: end?.caller ?? null, isOwnHost, standing });
    if (!end || refused !== null) {
      socket.end(`HTTP/1.1 ${refused ?? 404} ${STATUS_CODES[refused ?? 404]}\r\nConnection: close\r\n\r\n`);
      return;
    }
    sockets.handleUpgrade(request, socket, head, (ws) => {
      byAddress.set(from, standing.ofAddress + 1);
      ws.on('close', () => byAddress.set(from, Math.max(0, (byAddress.get(from) ?? 1) - 1)));
      end.onLine(lineOf(ws, address, request.headers.cookie ?? ''));
    });
  });
  const pinging = setInterval(() => sockets.clients.forEach(ping), PING_MS);
  return () => {
    clearInterval(pinging);
    sockets.clients.forEach((ws) => ws.terminate());
    sockets.close();
  };
}

const HEARD = new WeakMap<WebSocket, boolean>();

/** A line that did not answer the last ping is half open: it is cut. */
function ping(ws: WebSocket): void {
  if (HEARD.get(ws) === false) return ws.terminate();
  HEARD.set(ws, false);
  ws.ping();
}

function lineOf(ws: WebSocket, address: string, cookie: string): Line {
  let hear: ((text: string) => Promise<void>) | null = null;
  let last = Promise.resolve();
  let second = 0;
  let count = 0;
  const silent = setTimeout(() => ws.close(1008, 'nothing was said'), FIRST_MS);
  ws.on('pong', () => HEARD.set(ws, true));
  ws.on('error', () => ws.terminate());
  ws.on('message', (data, isBinary) => {
    clearTimeout(silent);
    const now = Math.floor(Date.now() / 1000);
    count = now === second ? count + 1 : 1;
    second = now;
    if (isBinary || count > MOST_A_SECOND) return ws.close(1008, isBinary ? 'text is spoken here' : 'too many messages');
    const text = String(data);
    last = last.then(() => hear?.(text)).catch(() => ws.close(1011, 'it could not be kept'));
  });
  ws.on('close', () => clearTimeout(silent));
  return {
    ...{ address, cookie },
    isBehind: () => ws.bufferedAmount > 0,
    say: (message) => {
      if (ws.bufferedAmount > MOST_UNREAD) ws.terminate();
      else if (ws.readyState === ws.OPEN) ws.send(JSON.stringify(message));
    },
    close: () => ws.close(1000),
    onMessage: (then) => (hear = then),
    onClose: (then) => ws.on('close', then),
  };
}
