import { isNativeError } from 'node:util/types';
import pino, { type Logger } from 'pino';
import type { LogSink } from './logFile';

const ADDRESS_CHARS = 200;
const MESSAGE_CHARS = 500;
const STACK_CHARS = 4_000;

interface Facts {
  readonly id?: unknown;
  readonly method?: string;
  readonly url?: string;
}

/** Of a request: which one it was. No headers: they carry the session. */
export const requestFacts = ({ id, method, url }: Facts) => ({ id, method, url: url?.slice(0, ADDRESS_CHARS) });

/** Of an error: what and where. Not what was being stored: a driver's error carries whole rows. */
export function errorFacts(error: unknown) {
  if (!isNativeError(error)) return { message: String(error).slice(0, MESSAGE_CHARS) };
  const code = 'code' in error ? String(error.code) : undefined;
  return { type: error.name, code, message: error.message.slice(0, MESSAGE_CHARS), stack: error.stack?.slice(0, STACK_CHARS) };
}

export const buildLogger = (level: string, sink: LogSink): Logger => pino({ level, serializers: { err: errorFacts } }, sink);
