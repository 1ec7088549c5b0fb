import type { Point } from '#core/pin';

/** The words that were typed for one picture; undefined for what was not, '' for what is to be blank. */
export interface OwnWords {
  readonly subject?: string;
  readonly title?: string;
  readonly headline?: string;
  readonly caption?: string;
  readonly keywords?: readonly string[];
  readonly alt?: string;
  /** The file's name, with or without its ending. */
  readonly name?: string;
  readonly point?: Point;
}
