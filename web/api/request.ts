import type { QueryClient } from '@tanstack/react-query';
import type * as z from 'zod';
import { linkTo, paths, type api, type EndpointName, type PathParameters, type Problem } from '#contract';

type Api = typeof api;
/** What an endpoint answers, and what it is asked with. The server holds both to their schemas. */
export type AnswerOf<Name extends EndpointName> = z.output<Api[Name]['answer']>;
type QueryOf<Name extends EndpointName> = z.input<Api[Name]['query']>;
export type BodyOf<Name extends EndpointName> = z.input<Api[Name]['body']>;

interface More<Name extends EndpointName> {
  readonly query?: QueryOf<Name>;
  readonly body?: BodyOf<Name>;
  /** A multipart body, where files are sent. */
  readonly files?: FormData;
  readonly signal?: AbortSignal;
  /** Sent on even when the page is gone (Fetch Standard, keepalive). */
  readonly keepalive?: boolean;
}

/** A request that was refused or did not arrive, with a message for people. */
export class RequestFailed extends Error {
  readonly problem: Problem;

  constructor(problem: Problem) {
    super(problem.detail);
    this.problem = problem;
  }
}

const UNREACHABLE: Problem = {
  type: 'about:blank',
  title: 'No answer',
  status: 0,
  detail:
    'The application does not answer. Nothing you typed is lost; it is kept in this browser until it can be saved.',
};

const isProblem = (answer: unknown): answer is Problem =>
  typeof answer === 'object' && answer !== null && 'detail' in answer && typeof answer.detail === 'string';

async function send<Name extends EndpointName>(
  name: Name,
  parameters: PathParameters<Name>,
  { query, body, files, signal, keepalive = false }: More<Name>,
): Promise<Response> {
  const [method] = paths[name];
  const json = body === undefined ? undefined : JSON.stringify(body);
  let response: Response;
  try {
    response = await fetch(linkTo(name, parameters, Object(query ?? {}) as Record<string, unknown>), {
      method,
      keepalive,
      ...(signal ? { signal } : {}),
      ...(files ? { body: files } : {}),
      ...(json === undefined ? {} : { body: json, headers: { 'Content-Type': 'application/json' } }),
    });
  } catch {
    throw new RequestFailed(UNREACHABLE);
  }
  if (response.ok) return response;
  const { status, statusText: title } = response;
  const answer: unknown = await response.json().catch(() => undefined);
  throw new RequestFailed(isProblem(answer) ? answer : { ...UNREACHABLE, status, title });
}

/** Asks an endpoint; what it answers. */
export async function ask<Name extends EndpointName>(
  name: Name,
  parameters: PathParameters<Name>,
  more: More<Name> = {},
): Promise<AnswerOf<Name>> {
  const response = await send(name, parameters, more);
  return (response.status === 204 ? {} : await response.json()) as AnswerOf<Name>;
}

/** The text that an endpoint answers. */
export const askText = async <Name extends EndpointName>(
  name: Name,
  parameters: PathParameters<Name>,
  more: More<Name> = {},
): Promise<string> => (await send(name, parameters, more)).text();

/** Asks an endpoint whose answer comes piece by piece. */
export async function stream<Name extends EndpointName>(
  name: Name,
  parameters: PathParameters<Name>,
  more: More<Name>,
): Promise<ReadableStream<Uint8Array<ArrayBuffer>>> {
  const { body } = await send(name, parameters, more);
  if (!body) throw new RequestFailed(UNREACHABLE);
  return body;
}

/** What the answer of an endpoint is known by. */
export const keyOf = <Name extends EndpointName>(
  name: Name,
  parameters: PathParameters<Name>,
  query?: QueryOf<Name>,
) => [name, parameters, query ?? {}] as const;

/** An endpoint as a query: what it is known by, and what asks for it. */
export const queryOf = <Name extends EndpointName>(
  name: Name,
  parameters: PathParameters<Name>,
  query?: QueryOf<Name>,
) => ({
  queryKey: keyOf(name, parameters, query),
  queryFn: () => ask(name, parameters, query === undefined ? {} : { query }),
});

/** Asks anew for whatever these endpoints answered. */
export const refresh = (queries: QueryClient, ...names: readonly EndpointName[]): Promise<unknown> =>
  Promise.all(names.map((name) => queries.invalidateQueries({ queryKey: [name] })));

/** A multipart body with one file under its name. */
export function fileBody(file: File, name: string): FormData {
  const body = new FormData();
  body.append('file', file, name);
  return body;
}

/** Any error in words. */
export const inWords = (error: unknown): string => (error instanceof Error ? error.message : String(error));
