/** A system error in words. */
export function reason(error: unknown): string {
  const code = error instanceof Error && 'code' in error ? String(error.code) : '';
  const words: Readonly<Record<string, string>> = {
    ENOENT: 'there is no such file',
    EACCES: 'access is denied',
    EISDIR: 'it is a folder',
    EEXIST: 'a file is in its place',
    ENOSPC: 'the disk is full',
    ENOTDIR: 'a part of its path is no folder',
  };
  return words[code] ?? (error instanceof Error ? error.message : String(error));
}
