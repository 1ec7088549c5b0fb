import { randomUUID } from 'node:crypto';
import { createWriteStream } from 'node:fs';
import { mkdir, rm } from 'node:fs/promises';
import { join } from 'node:path';
import { Transform } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import type { Request, RequestHandler } from 'express';
import multer, { type StorageEngine } from 'multer';
import { limits, megabytes } from '#core/limits';
import { notUnderstood, Refusal } from '../problem.ts';

/** A file of an upload, on the disk until the request has been answered. */
export interface Uploaded {
  readonly name: string;
  readonly path: string;
  /** Bytes. */
  readonly size: number;
}

/**
 * Writes uploads into a folder while they come, so that none of them takes memory. All files of a request
 * together are bounded; whatever is still in the folder when the request has been answered is removed.
 */
export class Spool {
  readonly #folder: string;

  constructor(folder: string) {
    this.#folder = folder;
  }

  /** Where something can be put for as long as a request lasts. */
  path(): string {
    return join(this.#folder, randomUUID());
  }

  /** Takes the files of a multipart request: so many, each of at most so many bytes, and together. */
  files(most: number, count = 1, together: number = Math.max(most, limits.uploadBytes)): RequestHandler {
    const take = multer({
      storage: this.#storage(together),
      limits: { fileSize: most, files: count, fields: 5, fieldSize: 128 * 1024 },
      defParamCharset: 'utf8',
      preservePath: true,
    }).array(count === 1 ? 'file' : 'files', count);
    return (request, response, next) => {
      take(request, response, (error: unknown) => {
        next(isMalformed(error) ? notUnderstood() : error);
      });
    };
  }

  #storage(together: number): StorageEngine {
    const sizes = new WeakMap<Request, number>();
    return {
      _handleFile: (request, file, done) => {
        const path = this.path();
        const remove = (): void => void rm(path, { force: true });
        request.res?.once('close', remove);
        let size = 0;
        const count = new Transform({
          transform(chunk: Buffer, _encoding, pass) {
            size += chunk.length;
            const all = (sizes.get(request) ?? 0) + chunk.length;
            sizes.set(request, all);
            if (all > together) pass(tooMuch(together));
            else pass(null, chunk);
          },
        });
        mkdir(this.#folder, { recursive: true, mode: 0o700 })
          .then(() => pipeline(file.stream, count, createWriteStream(path, { flags: 'wx', mode: 0o600 })))
          .then(
            () => done(null, { path, size }),
            (error: unknown) => {
              remove();
              done(error);
            },
          );
      },
      _removeFile: (_request, file, done) => {
        rm(file.path, { force: true }).then(() => done(null), done);
      },
    };
  }
}

/** Whether it was the upload's own form: the parser of forms throws a bare error, the disk one with a code. */
const isMalformed = (error: unknown): boolean =>
  error instanceof Error && Object.getPrototypeOf(error) === Error.prototype && !('code' in error);

const tooMuch = (together: number): Refusal =>
  new Refusal(
    413,
    'Too large',
    `All files of one upload together may have ${megabytes(together)}. Nothing of it was taken; everything else is as it was.`,
  );

/** The files of a request that was taken by a spool. */
export function uploadedFiles(request: Request): readonly Uploaded[] {
  const files = Array.isArray(request.files) ? request.files : [];
  const [empty] = files.filter(({ size }) => size === 0);
  if (files.length === 0 || (empty && files.length === 1))
    throw new Refusal(400, 'No file', 'The upload held no file, or an empty one. Nothing was taken.');
  return files.map(({ originalname, path, size }) => ({ name: fileName(originalname), path, size }));
}

/** The one file of a request that was taken by a spool. */
export function uploadedFile(request: Request): Uploaded {
  const [file] = uploadedFiles(request);
  if (!file) throw new Refusal(400, 'No file', 'The upload held no file. Nothing was taken.');
  return file;
}

/** The name of an uploaded file with its folders, none of which climbs or stands on a drive. */
function fileName(original: string): string {
  const name = original
    .replace(/\\/g, '/')
    .replace(/^[a-z]:/i, '')
    .split('/')
    .filter((part) => part && part !== '.' && part !== '..')
    .join('/');
  return name || 'unnamed';
}
