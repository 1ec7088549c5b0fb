import type { Request, RequestHandler } from 'express';
import { limits, megabytes } from '#core/limits';
import { Refusal } from './problem.ts';

/** Looks at JSON while it comes: whether it is nested deeper than anybody means it (RFC 8259, 9: a limit of ours). */
class DepthGuard {
  #depth = 0;
  #inString = false;
  #escaped = false;

  /** Whether it is still as shallow as it may be. */
  take(chunk: Uint8Array): boolean {
    for (const byte of chunk) {
      if (this.#inString) {
        if (this.#escaped) this.#escaped = false;
        else if (byte === BACKSLASH) this.#escaped = true;
        else if (byte === QUOTE) this.#inString = false;
      } else if (byte === QUOTE) this.#inString = true;
      else if (byte === BRACKET || byte === BRACE) {
        this.#depth += 1;
        if (this.#depth > limits.jsonDepth) return false;
      } else if (byte === BRACKET + 2 || byte === BRACE + 2) this.#depth -= 1;
    }
    return true;
  }
}

const QUOTE = 0x22;
const BACKSLASH = 0x5c;
const BRACKET = 0x5b;
const BRACE = 0x7b;

/** Takes a body of JSON as it is, for a thread to read: at most so many bytes, and refused as soon as it is too deep. */
export function rawJson(most: number): RequestHandler {
  return async (request, _response, next) => {
    request.body = await read(request, most);
    next();
  };
}

async function read(request: Request, most: number): Promise<Buffer> {
  const guard = new DepthGuard();
  const chunks: Buffer[] = [];
  let size = 0;
  for await (const chunk of request as AsyncIterable<Buffer>) {
    size += chunk.length;
    if (size > most)
      throw new Refusal(
        413,
        'Too large',
        `The request is larger than ${megabytes(most)}. Nothing was changed.`,
      );
    if (!guard.take(chunk))
      throw new Refusal(
        400,
        'Nested too deeply',
        `The request is nested more than ${String(limits.jsonDepth)} levels deep. Nothing was changed.`,
      );
    chunks.push(chunk);
  }
  return Buffer.concat(chunks);
}
