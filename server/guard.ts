import type { RequestHandler } from 'express';
import { Refusal } from './problem.ts';

const HERE = new Set(['127.0.0.1', 'localhost', '[::1]']);

/**
 * Refuses requests that come from elsewhere: a Host that is not this machine's loopback (a name pointed at it
 * from outside) or an Origin other than the application's own (a page of another site).
 */
export const refuseForeign: RequestHandler = (request, _response, next) => {
  const host = request.headers.host ?? '';
  const { origin } = request.headers;
  const foreign =
    !HERE.has(host.replace(/:\d+$/, '')) ||
    (origin !== undefined && origin !== `http://${host}`) ||
    request.headers['sec-fetch-site'] === 'cross-site';
  if (foreign)
    throw new Refusal(
      403,
      'Foreign request',
      'This application answers only pages of its own, on this machine.',
    );
  next();
};
