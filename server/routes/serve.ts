import type { Request, RequestHandler, Response, Router } from 'express';
import type * as z from 'zod';
import type { Endpoint, ParametersOf } from '#contract';
import { parse } from '../problem.ts';

/** What a handler returns that has answered by itself: a file, a stream. */
export const sent = 'sent' as const;

/** A value that is only read. */
type Read<T> = T extends readonly (infer U)[]
  ? readonly Read<U>[]
  : T extends object
    ? { readonly [K in keyof T]: Read<T[K]> }
    : T;

interface Asked<Path extends string, Query extends z.ZodType, Body extends z.ZodType> {
  readonly parameters: ParametersOf<Path>;
  readonly query: z.output<Query>;
  readonly body: z.output<Body>;
  readonly request: Request;
  readonly response: Response;
}

const METHODS = { GET: 'get', POST: 'post', PUT: 'put', PATCH: 'patch', DELETE: 'delete' } as const;

/**
 * Registers an endpoint: what is asked comes as its schemas have it, or is refused with each fault; what is returned
 * is its answer. `before` takes files; `raw` leaves the body as it comes.
 */
export function serve<
  Path extends string,
  Query extends z.ZodType,
  Body extends z.ZodType,
  Answer extends z.ZodType,
>(
  router: Router,
  endpoint: Endpoint<Path, Query, Body, Answer>,
  handle: (asked: Asked<Path, Query, Body>) => Promise<Read<z.input<Answer>> | typeof sent> | Promise<void>,
  { before = [], raw = false }: { readonly before?: readonly RequestHandler[]; readonly raw?: boolean } = {},
): void {
  const { method, path, parameters, query, body, status } = endpoint;
  router[METHODS[method]](path, ...before, async (request: Request, response: Response) => {
    const answer = await handle({
      parameters: parse(parameters, request.params),
      query: parse(query, request.query),
      body: raw || endpoint.files ? (request.body as z.output<Body>) : parse(body, request.body ?? {}),
      request,
      response,
    });
    if (answer === sent) return;
    if (answer === undefined) response.status(status).end();
    else response.status(status).json(answer);
  });
}
