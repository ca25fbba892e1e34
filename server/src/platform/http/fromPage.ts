import type { Request } from 'express';

/** Whether a browser's page asks, and no program: browsers say where from. */
export const isFromPage = (request: Request): boolean => request.get('sec-fetch-site') !== undefined || request.get('origin') !== undefined;
