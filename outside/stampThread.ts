/** What a thread of the command line does: it stamps and proves pictures, one after another. */
import { imageDigest, stampFile, type FileStampOptions, type Stamped } from './stamper.ts';
import type { StampFields } from '#core/photo';

/** A picture to be stamped: where it is, where it goes, and what is written. */
export interface StampTask {
  readonly photo: string;
  readonly out: string;
  readonly fields: StampFields;
  readonly options: FileStampOptions;
  /** Whether its image data are to be told by their digest, for a manifest. */
  readonly isDigested: boolean;
}

/** What became of it, with only those of its lines that do not agree: what a thread hands back is copied. */
export type StampedPicture = Stamped & {
  /** SHA-256 of the image data, before and after; '' where it was not asked for. */
  readonly digest: string;
};

/** Stamps some pictures, in their order. A picture that cannot be stamped says why and stops no other. */
export default function stampPictures(tasks: readonly StampTask[]): StampedPicture[] {
  return tasks.map(({ photo, out, fields, options, isDigested }) => {
    const stamped = stampFile(photo, out, fields, options);
    const lines = stamped.lines.filter(({ agrees }) => !agrees);
    return { ...stamped, lines, digest: isDigested && stamped.out ? imageDigest(stamped.out) : '' };
  });
}
