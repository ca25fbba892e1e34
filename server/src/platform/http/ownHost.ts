import { isIP } from 'node:net';
import type { RequestHandler } from 'express';
import { AppError } from '../errors';

/** The name in a Host header, without its port and brackets. */
function nameIn(host: string): string {
  return URL.canParse(`http://${host}`) ? new URL(`http://${host}`).hostname.replace(/^\[|\]$/g, '') : '';
}

const isThisMachine = (name: string) => isIP(name) !== 0 || name === 'localhost' || name.endsWith('.localhost');

/** Whether this server goes by the name in a Host header. */
export function isOwnHost(host: string, publicUrl: URL | null): boolean {
  const name = nameIn(host);
  return isThisMachine(name) || name === publicUrl?.hostname;
}

/**
 * Answers by its addresses and the name it was given, by no other: a name that somebody else points at this machine makes a browser take
 * their page and this server for one.
 */
export function refuseStrangeHost(publicUrl: URL | null): RequestHandler {
  return (request, _response, next) => {
    const host = request.get('host') ?? '';
    if (isOwnHost(host, publicUrl)) return next();
    throw new AppError(
      'STRANGE_HOST',
      `This server does not go by the name “${nameIn(host).slice(0, 100)}”. Whoever runs it says KESTO_PUBLIC_URL, the address that people type.`,
    );
  };
}

/** What the API answers is somebody's: nothing on the way keeps it. */
export const keptByNobody: RequestHandler = (_request, response, next) => {
  response.setHeader('cache-control', 'no-store');
  next();
};
