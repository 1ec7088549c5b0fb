import * as z from 'zod';
import { addressText } from '#core/address';
import { visibleTelephone } from '#core/markup';
import type { BusinessRecord } from '#core/record';
import { policies, stampFieldNames } from './places.ts';
import type { OwnWords } from './ownWords.ts';
import { wordingFaults } from './wording.ts';

const wording = z
  .string()
  .max(2000)
  .superRefine((text, context) => {
    for (const { word, start } of wordingFaults(text))
      context.addIssue({
        code: 'custom',
        message: `has no placeholder {${word}} (at character ${String(start + 1)})`,
      });
  });

/** The facts that a comment can say, in the order in which they are named. */
export const commentFacts = ['name', 'address', 'telephone', 'email', 'url'] as const;

/** What is written into the pictures of a client, under a name: wordings, comment, author, copyright, and when. */
export const stampSchema = z.strictObject({
  name: z.string().max(80).default(''),
  /** Texts with placeholders; '' for none. */
  wordings: z
    .strictObject({
      title: wording.default(''),
      headline: wording.default(''),
      caption: wording.default(''),
      alt: wording.default(''),
      keywords: z.array(wording).max(50).default([]),
      subject: wording.default(''),
      fileName: wording.default(''),
    })
    .prefault({}),
  /** Words that are taken in turn; what is not given is what the record says. */
  lists: z
    .strictObject({
      service: z.array(z.string().max(200)).max(200).optional(),
      area: z.array(z.string().max(200)).max(200).optional(),
      phrase: z.array(z.string().max(200)).max(200).optional(),
      category: z.array(z.string().max(200)).max(200).optional(),
    })
    .prefault({}),
  comment: z
    .strictObject({
      facts: z.array(z.enum(commentFacts)).default(['name', 'address', 'telephone', 'url']),
      lines: z.enum(['several', 'one']).default('several'),
    })
    .prefault({}),
  /** The business, its website, or a name. */
  author: z
    .strictObject({
      is: z.enum(['business', 'website', 'name', 'nobody']),
      name: z.string().max(200).default(''),
    })
    .default({ is: 'business', name: '' }),
  copyright: wording.default('© {year} {name}'),
  /** When a field is written; `always` where nothing is said, but author and copyright only where a picture has none. */
  when: z.partialRecord(z.enum(stampFieldNames), z.enum(policies)).default({}),
  /** Whether what says something of a person or a device stays in the pictures. */
  personal: z.enum(['keep', 'remove']).default('keep'),
});
export type StampSettings = Readonly<z.infer<typeof stampSchema>>;

export const usualStamp: StampSettings = stampSchema.parse({});

/** The stamp that a set begins with, where nobody has chosen one: words that pictures have stay. */
export const firstStamp: StampSettings = stampSchema.parse({
  wordings: { title: '{subject}, {name}, {town}', alt: '{subject}' },
  when: {
    title: 'empty',
    headline: 'empty',
    caption: 'empty',
    alt: 'empty',
    keywords: 'empty',
    subject: 'empty',
  },
});

/**
 * When the fields of a stamp are written: whose picture it is, is not changed unless that is asked for. What was typed
 * for one picture (`own`) is written whatever it has.
 */
export function policiesOf({ when }: StampSettings, own: OwnWords = {}): StampSettings['when'] {
  const typed = ownFields.filter((field) => {
    const words = own[field];
    return words !== undefined && words.length > 0 && when[field] !== 'remove';
  });
  return {
    author: 'empty',
    copyright: 'empty',
    ...when,
    ...Object.fromEntries(typed.map((field) => [field, 'always'] as const)),
    ...(own.point && when.coordinates !== 'remove' ? { coordinates: 'always' } : {}),
  };
}

/** The fields that words are typed for, picture by picture. */
const ownFields = ['subject', 'title', 'headline', 'caption', 'alt', 'keywords'] as const;

/** The comment that a stamp writes for a branch. */
export function commentOf({ comment: { facts, lines } }: StampSettings, record: BusinessRecord): string {
  const said = {
    name: record.name,
    address: addressText(record.address),
    telephone: visibleTelephone(record),
    email: record.email,
    url: record.url,
  };
  return facts
    .map((fact) => said[fact].trim())
    .filter(Boolean)
    .join(lines === 'one' ? ', ' : '\n');
}

/** Who is named as the author; '' for nobody. */
export function authorOf({ author }: StampSettings, record: BusinessRecord): string {
  switch (author.is) {
    case 'business':
      return record.name.trim();
    case 'website':
      return record.url.trim();
    case 'name':
      return author.name.trim();
    case 'nobody':
      return '';
  }
}

/** The JSON Schema of the files that `zinc stamp --stamp` takes. */
export const stampJsonSchema = (): string =>
  `${JSON.stringify(z.toJSONSchema(stampSchema, { io: 'input', unrepresentable: 'any' }), null, 2)}\n`;
