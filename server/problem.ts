import type { ErrorRequestHandler, RequestHandler } from 'express';
import multer from 'multer';
import type { Logger } from 'pino';
import {
  BaseError,
  ConnectionError,
  ConnectionAcquireTimeoutError,
  DatabaseError,
  UniqueConstraintError,
} from 'sequelize';
import type * as z from 'zod';
import type { Problem } from '#contract';
import { limits, megabytes } from '#core/limits';

/** A request that cannot be done, as it is answered (RFC 9457). */
export class Refusal extends Error {
  readonly problem: Problem;

  constructor(status: number, title: string, detail: string, errors?: Problem['errors']) {
    super(detail);
    this.problem = { type: 'about:blank', title, status, detail, ...(errors ? { errors } : {}) };
  }
}

export const notFound = (what: string): Refusal =>
  new Refusal(404, 'Not found', `There is no such ${what}. It may have been deleted.`);

/** The value as the schema has it, or a refusal that names the path of each fault. */
export function parse<T extends z.ZodType>(schema: T, value: unknown): z.infer<T> {
  const result = schema.safeParse(value);
  if (result.success) return result.data;
  const errors = result.error.issues.map(({ path, message }) => ({
    path: path.map(String).join('.'),
    message,
  }));
  throw invalidRequest(errors);
}

/** A request that is not as its schema has it, with the path of each fault. */
export const invalidRequest = (errors: NonNullable<Problem['errors']>): Refusal =>
  new Refusal(
    400,
    'Invalid request',
    `The request was not understood: ${errors.map(({ path, message }) => `${path || 'body'}: ${message}`).join(' ')} Nothing was changed.`,
    errors,
  );

export const unknownAddress: RequestHandler = (request) => {
  throw new Refusal(404, 'Not found', `There is nothing at ${request.path}.`);
};

/** Answers every error as problem details; what is not expected is logged and told without its inside. */
export function answerErrors(log: Logger): ErrorRequestHandler {
  return (error: unknown, request, response, next) => {
    if (response.headersSent) {
      next(error);
      return;
    }
    const problem = problemOf(error);
    if (problem.status >= 500)
      log.error({ err: error, method: request.method, path: request.path }, problem.title);
    response.status(problem.status).type('application/problem+json').send(JSON.stringify(problem));
  };
}

function problemOf(error: unknown): Problem {
  if (error instanceof Refusal) return error.problem;
  if (isDatabaseGone(error))
    return new Refusal(
      503,
      'Database unreachable',
      'The database does not answer. Nothing was saved and nothing was lost; try again in a moment.',
    ).problem;
  if (error instanceof UniqueConstraintError)
    return new Refusal(
      409,
      'There already',
      'Another one of that name was added at the same time. Nothing was changed; try again.',
    ).problem;
  if (error instanceof multer.MulterError) return uploadProblem(error);
  const { type, status } = asBodyError(error);
  if (type === 'entity.too.large')
    return new Refusal(
      413,
      'Too large',
      `The request is larger than ${megabytes(limits.jsonBytes) || '1 MB'}. Nothing was changed.`,
    ).problem;
  if (type === 'entity.parse.failed')
    return new Refusal(400, 'Invalid request', 'The request is not valid JSON. Nothing was changed.').problem;
  if (status >= 400 && status < 500)
    return new Refusal(status, 'Invalid request', 'The request was not understood. Nothing was changed.')
      .problem;
  return new Refusal(
    500,
    'Internal error',
    'Something went wrong on our side. Nothing was saved by this request; the log says more.',
  ).problem;
}

function uploadProblem({ code }: multer.MulterError): Problem {
  if (code === 'LIMIT_FILE_SIZE')
    return new Refusal(
      413,
      'Too large',
      `The file is too large: photos and zips may have ${megabytes(limits.photoBytes)}, pages ${megabytes(limits.pageBytes)}. It was not taken; everything else is as it was.`,
    ).problem;
  return notUnderstood().problem;
}

/** An upload whose form is not as RFC 7578 has it, or holds what was not asked for. */
export const notUnderstood = (): Refusal =>
  new Refusal(400, 'Invalid upload', 'The upload was not understood. Nothing was taken.');

/** Whether the database is gone rather than unhappy with a statement. */
export function isDatabaseGone(error: unknown): boolean {
  if (error instanceof ConnectionError || error instanceof ConnectionAcquireTimeoutError) return true;
  if (!(error instanceof BaseError)) return false;
  const cause: unknown = error instanceof DatabaseError ? error.original : error;
  return /ECONNREFUSED|ECONNRESET|EPIPE|socket|connection|server has gone away|shutdown|closed/i.test(
    cause instanceof Error ? cause.message : error.message,
  );
}

/** MariaDB error numbers: the row changed, lock wait timeout, deadlock. */
const LOCK_CONFLICTS = new Set([1020, 1205, 1213]);

/** Whether a transaction was given up because another one was in its way: the same may succeed the next time. */
export function isLockConflict(error: unknown): boolean {
  if (!(error instanceof DatabaseError)) return false;
  return LOCK_CONFLICTS.has(Number(Reflect.get(error.original, 'errno')));
}

function asBodyError(error: unknown): { type: string; status: number } {
  const field = (name: string): unknown =>
    error && typeof error === 'object' && name in error ? Reflect.get(error, name) : undefined;
  const type = field('type');
  return { type: typeof type === 'string' ? type : '', status: Number(field('status') ?? 0) };
}
