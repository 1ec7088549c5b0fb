import diff from 'fast-diff';

/** A stretch of two compared texts: in both, only in the reference, or only in the other. */
export interface DifferencePart {
  readonly side: 'both' | 'reference' | 'other';
  readonly text: string;
}

// The package is CommonJS: Node hands over the function, a bundler may wrap it.
const compare = typeof diff === 'function' ? diff : (diff as { default: typeof diff }).default;

/** The exact characters in which a text differs from the reference. Long texts are compared up to 5,000 characters. */
export function difference(reference: string, other: string): readonly DifferencePart[] {
  const side = { 0: 'both', [-1]: 'reference', 1: 'other' } as const;
  return compare(reference.slice(0, 5000), other.slice(0, 5000)).map(([kind, text]) => ({
    side: side[kind],
    text,
  }));
}
