import { importInputSchema, type Problem } from '#contract';
import { utf8Bytes } from '#core/text';
import { keptBranch } from '../store/keptBranch.ts';

/** A branch as it is kept, and which one it brings up to date; 0 for a new one. */
export interface ImportedBranch {
  readonly id: number;
  /** The version of the branch that it was compared with. */
  readonly version: number;
  readonly label: string;
  readonly record: string;
  readonly search: string;
}

export type ImportReading =
  | {
      readonly ok: true;
      readonly title: string;
      /** The branches as JSON (of `ImportedBranch`) in UTF-8, some at a time: thousands at once would hold up whoever takes them. */
      readonly pieces: readonly Uint8Array[];
    }
  | { readonly ok: false; readonly errors: NonNullable<Problem['errors']> };

const MOST_ERRORS = 50;
/** Branches of one piece. */
const PIECE = 200;

/** Reads the JSON of branches to be taken in and judges each; what is wrong is told with its path. */
export function readImport(bytes: Uint8Array): ImportReading {
  let json: unknown;
  try {
    json = JSON.parse(new TextDecoder('utf-8', { fatal: true }).decode(bytes));
  } catch {
    return { ok: false, errors: [{ path: '', message: 'It is not valid JSON.' }] };
  }
  const read = importInputSchema.safeParse(json);
  if (!read.success)
    return {
      ok: false,
      errors: read.error.issues
        .slice(0, MOST_ERRORS)
        .map(({ path, message }) => ({ path: path.map(String).join('.'), message })),
    };
  const branches = read.data.branches.map(({ id, version, label, record }): ImportedBranch => ({
    id,
    version,
    ...keptBranch(label, record),
  }));
  const pieces: Uint8Array[] = [];
  for (let at = 0; at < branches.length; at += PIECE)
    pieces.push(utf8Bytes(JSON.stringify(branches.slice(at, at + PIECE))));
  return { ok: true, title: read.data.title, pieces };
}
