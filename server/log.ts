import pino, { type Logger } from 'pino';
import { BaseError } from 'sequelize';

const LONGEST = 2000;
const cut = (text: string): string =>
  text.length > LONGEST ? `${text.slice(0, LONGEST)}… (${String(text.length)} characters)` : text;

/**
 * An error as it is logged: what happened and where, at most a few lines. What the database was told stays out of
 * the log: statements and their values are as large as pages, and nobody's business.
 */
function plainError(error: unknown): Record<string, unknown> {
  if (!(error instanceof Error)) return { message: cut(String(error)) };
  const { name, message, stack } = error;
  const code = 'code' in error ? error.code : undefined;
  const cause = error instanceof BaseError && 'original' in error ? error.original : error.cause;
  const original = cause instanceof Error ? withoutStatement(cause.message) : undefined;
  return {
    type: name,
    message: cut(withoutStatement(message)),
    ...(code === undefined ? {} : { code }),
    ...(original === undefined ? {} : { cause: cut(original) }),
    stack: cut(frames(stack ?? '')),
  };
}

/** The connector adds the statement and its values to its messages. */
const withoutStatement = (message: string): string => message.split(/\n?sql: /)[0] ?? '';

/** The frames of a stack without the message before them, which may hold anything. */
const frames = (stack: string): string =>
  stack
    .split('\n')
    .filter((line) => /^ {4}at /.test(line))
    .map(cut)
    .join('\n');

/** The log of a process. */
export const openLog = (level: string, to?: pino.DestinationStream): Logger => {
  const options = { level, serializers: { err: plainError } };
  return to ? pino(options, to) : pino(options);
};
