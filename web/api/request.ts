import type * as z from 'zod';
import { problemSchema, type Problem } from '#contract';

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

/** Sends a request to the API and returns the answer as its schema has it. */
export async function ask<T extends z.ZodType>(
  schema: T,
  path: string,
  init: RequestInit = {},
): Promise<z.infer<T>> {
  const response = await send(path, init);
  return schema.parse(await response.json());
}

/** Sends a request whose answer has no content. */
export async function tell(path: string, init: RequestInit): Promise<void> {
  await send(path, init);
}

/** A JSON body with its method. */
export const json = (method: string, body: unknown): RequestInit => ({
  method,
  body: JSON.stringify(body),
  headers: { 'Content-Type': 'application/json' },
});

/** A multipart body with one file under its name. */
export function fileBody(file: File, name: string): RequestInit {
  const body = new FormData();
  body.append('file', file, name);
  return { method: 'POST', body };
}

async function send(path: string, init: RequestInit): Promise<Response> {
  let response: Response;
  try {
    response = await fetch(`/api${path}`, init);
  } catch {
    throw new RequestFailed(UNREACHABLE);
  }
  if (response.ok) return response;
  const parsed = problemSchema.safeParse(await response.json().catch(() => undefined));
  throw new RequestFailed(
    parsed.success ? parsed.data : { ...UNREACHABLE, status: response.status, title: response.statusText },
  );
}

/** The text of a page as it stands. */
export async function askText(path: string): Promise<string> {
  return (await send(path, {})).text();
}

/** Any error in words. */
export const inWords = (error: unknown): string => (error instanceof Error ? error.message : String(error));

/** Sends a request whose answer comes piece by piece. */
export async function stream(
  path: string,
  init: RequestInit,
): Promise<ReadableStream<Uint8Array<ArrayBuffer>>> {
  const { body } = await send(path, init);
  if (!body) throw new RequestFailed(UNREACHABLE);
  return body;
}
