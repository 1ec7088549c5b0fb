import { utf8Bytes } from '#core/text';
import type { StampFields } from './fields.ts';
import { longestIptc } from './iptc.ts';

/** Alternative text that is longer than this is tiring to listen to, characters. */
const ALT_CHARACTERS = 125;

/** The IPTC IIM datasets that hold texts of a stamp. */
const DATASETS = { title: 5, headline: 105, caption: 120, author: 80, copyright: 116 } as const;

const LABELS: Readonly<Record<keyof typeof DATASETS, string>> = {
  title: 'title',
  headline: 'headline',
  caption: 'caption',
  author: 'author',
  copyright: 'copyright',
};

/**
 * What of a stamp is longer than there is room for (IPTC IIM 4.2 has limits in bytes, and is cut there; Exif and XMP
 * hold all of it), or than is good, in words.
 */
export function overlong(fields: StampFields): readonly string[] {
  const cut = (Object.keys(DATASETS) as (keyof typeof DATASETS)[]).flatMap((field) => {
    const [bytes, room] = [utf8Bytes(fields[field]).length, longestIptc(DATASETS[field])];
    return bytes > room
      ? [`The ${LABELS[field]} has ${String(bytes)} bytes; IPTC has room for ${String(room)}.`]
      : [];
  });
  const words = fields.keywords.filter((word) => utf8Bytes(word).length > longestIptc(25));
  return [
    ...cut,
    ...words.map(
      (word) => `The keyword “${word}” is longer than the ${String(longestIptc(25))} bytes of IPTC.`,
    ),
    ...(fields.alt.length > ALT_CHARACTERS
      ? [
          `The alternative text has ${String(fields.alt.length)} characters; up to ${String(ALT_CHARACTERS)} are good to listen to.`,
        ]
      : []),
  ];
}
