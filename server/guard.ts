import type { RequestHandler } from 'express';
import { Refusal } from './problem.ts';

const HERE = new Set(['127.0.0.1', 'localhost', '[::1]']);

/**
 * Refuses requests that come from elsewhere: a Host that is not this machine's loopback (a name pointed at it
 * from outside), an Origin other than the application's own, or anything a page of another origin asks for
 * (Fetch Metadata). Following a link to the application is no such thing.
 */
export const refuseForeign: RequestHandler = (request, _response, next) => {
  const host = request.headers.host ?? '';
  const { origin } = request.headers;
  const from = request.headers['sec-fetch-site'];
  const followed = request.headers['sec-fetch-mode'] === 'navigate' && request.method === 'GET';
  const foreign =
    !HERE.has(host.replace(/:\d+$/, '')) ||
    (origin !== undefined && origin !== `http://${host}`) ||
    ((from === 'cross-site' || from === 'same-site') && !followed);
  if (foreign) {
    throw new Refusal(
      403,
      'Foreign request',
      'This application answers only pages of its own, on this machine.',
    );
  }
  next();
};
