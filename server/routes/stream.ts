import type { Response } from 'express';
import { sent } from './serve.ts';

/** Sends what comes out of a stream. When it fails on the way the connection is broken off, so that nobody takes a part for the whole. */
export function sendStream(stream: NodeJS.ReadableStream, response: Response): typeof sent {
  stream.on('error', (error: Error) => response.destroy(error));
  stream.pipe(response);
  return sent;
}
