import { timingSafeEqual } from 'node:crypto';
import type { Request, RequestHandler } from 'express';
import { notFound } from '../../platform/errors';
import { isLoopback } from '../../platform/config';
import type { Platform } from '../../platform/http/context';
import { measured } from './health';

/** Headers by which a proxy says that somebody else asks. */
const FORWARDED = ['forwarded', 'x-forwarded-for', 'x-real-ip', 'via'];
const V4_IN_V6 = /^::ffff:/;

/** Asked on this very machine, and not through a proxy on it. */
function isFromHere(request: Request): boolean {
  const address = (request.socket.remoteAddress ?? '').replace(V4_IN_V6, '');
  return isLoopback(address) && FORWARDED.every((name) => request.get(name) === undefined);
}

function hasToken(request: Request, token: string | null): boolean {
  if (token === null) return false;
  const [asked, kept] = [request.get('authorization') ?? '', `Bearer ${token}`].map((text) => Buffer.from(text));
  return asked!.length === kept!.length && timingSafeEqual(asked!, kept!);
}

/** Measures in Prometheus' text: for whoever watches, on this machine or by the token of `KESTO_METRICS_TOKEN`; nobody else learns that it is there. */
export const metricsRoute =
  (platform: Platform): RequestHandler =>
  async (request, response) => {
    if (!isFromHere(request) && !hasToken(request, platform.metricsToken)) throw notFound('This address');
    const text = await platform.metrics.text(await measured(platform));
    response.setHeader('cache-control', 'no-store').type(platform.metrics.contentType).send(text);
  };
