import express, { type Request, type RequestHandler, type Response } from 'express';

/** Reads bytes that are no JSON, so many at most: once the sender is known, so that a stranger cannot make the server hold megabytes. */
export function rawBody(limitBytes: number): (request: Request, response: Response) => Promise<Buffer> {
  const raw: RequestHandler = express.raw({ type: () => true, limit: limitBytes });
  return (request, response) =>
    new Promise((resolve, reject) => {
      void raw(request, response, (error?: unknown) => {
        if (error)
          reject(error as Error); // cast: body-parser hands over HttpErrors
        else resolve(Buffer.isBuffer(request.body) ? request.body : Buffer.alloc(0));
      });
    });
}
