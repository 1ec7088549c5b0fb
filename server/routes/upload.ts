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
  return { name: fileName(file.originalname), bytes: file.buffer };
}

/** The name of an uploaded file with its folders, none of which climbs. */
export function fileName(original: string): string {
  const name = original
    .replace(/\\/g, '/')
    .split('/')
    .filter((part) => part && part !== '.' && part !== '..')
    .join('/');
  return name.slice(-255) || 'unnamed';
}
