import type { RequestHandler } from 'express';
import { AppError } from '../errors';

const SAFE = ['GET', 'HEAD', 'OPTIONS'];

function hostOf(origin: string): string | null {
  return URL.canParse(origin) ? new URL(origin).host : null;
}

/** Writes are taken only from our own pages: the browser's own word first, the Origin header where it is silent. */
export function refuseCrossSite(publicHost: string | null): RequestHandler {
  return (request, _response, next) => {
    if (SAFE.includes(request.method)) return next();
    const site = request.get('sec-fetch-site');
    const origin = request.get('origin');
    const host = origin === undefined ? null : hostOf(origin);
    const ownOrigin = origin === undefined || (host !== null && (host === request.get('host') || host === publicHost));
    const ownSite = site === undefined || site === 'same-origin' || site === 'none';
    if (ownOrigin && ownSite) return next();
    throw new AppError('CROSS_SITE', 'This request came from another site and was not carried out.');
  };
}
