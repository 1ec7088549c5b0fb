import type { Response } from 'express';

/** Sends what comes out of a stream. When it fails on the way the connection is broken off, so that nobody takes a part for the whole. */
export function sendStream(stream: NodeJS.ReadableStream, response: Response): void {
  stream.on('error', (error) => {
    response.destroy(error);
  });
  stream.pipe(response);
}
