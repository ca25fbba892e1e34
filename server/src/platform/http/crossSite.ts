import type { RequestHandler } from 'express';
import { AppError } from '../errors';

const SAFE = ['GET', 'HEAD', 'OPTIONS'];

/** Writes are taken only from our own pages: the browser's own word first, the Origin header where it is silent. */
export const refuseCrossSite: RequestHandler = (request, _response, next) => {
  if (SAFE.includes(request.method)) return next();
  const site = request.get('sec-fetch-site');
  const origin = request.get('origin');
  const ownOrigin = origin === undefined || new URL(origin).host === request.get('host');
  const ownSite = site === undefined || site === 'same-origin' || site === 'none';
  if (ownOrigin && ownSite) return next();
  throw new AppError('CROSS_SITE', 'This request came from another site and was not carried out.');
};
