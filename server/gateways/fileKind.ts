import { open } from 'node:fs/promises';

/** Whether a file begins as a zip archive does (APPNOTE.TXT 4.3.7), whatever it is called. */
export async function isZip(path: string): Promise<boolean> {
  const file = await open(path, 'r');
  try {
    const { buffer } = await file.read(Buffer.alloc(4), 0, 4, 0);
    return buffer.toString('latin1') === 'PK\u0003\u0004';
  } finally {
    await file.close();
  }
}
