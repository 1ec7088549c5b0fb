import type { Request } from 'express';
import multer from 'multer';
import { Refusal } from '../problem.ts';

/** Takes one file of a multipart request into memory; a larger one than `most` bytes is refused while it comes. */
export const oneFile = (most: number) =>
  multer({
    storage: multer.memoryStorage(),
    limits: { fileSize: most, files: 1, fields: 5 },
    defParamCharset: 'utf8',
  }).single('file');

/** The uploaded file with its name. Folders in the name are kept only where `paths` says so, and never climb. */
export function uploaded(request: Request): { name: string; bytes: Buffer } {
  const { file } = request;
  if (!file || file.size === 0)
    throw new Refusal(400, 'No file', 'The upload held no file, or an empty one. Nothing was taken.');
  const name = file.originalname
    .replace(/\\/g, '/')
    .split('/')
    .filter((part) => part && part !== '.' && part !== '..')
    .join('/');
  return { name: name.slice(-255) || 'unnamed', bytes: file.buffer };
}
