import * as z from 'zod';
import type { WordField } from '#core/photo';

const text = z.string().trim();
const wordFields = ['title', 'caption', 'keywords', 'alt'] as const satisfies readonly WordField[];

const carriedTextsSchema = z.object({
  title: z.string(),
  caption: z.string(),
  keywords: z.array(z.string()),
  town: z.string(),
  comment: z.string(),
});

/** What a photo carries now, as `core/photo` reads it. JSON has no undefined: null stands for it. */
export const carriedSchema = z.object({
  latitude: z.number().nullish(),
  longitude: z.number().nullish(),
  exif: carriedTextsSchema,
  iptc: carriedTextsSchema,
  xmp: carriedTextsSchema.extend({
    alt: z.string(),
    latitude: z.number().nullish(),
    longitude: z.number().nullish(),
  }),
  headline: z.string().default(''),
  subject: z.string().default(''),
  author: z.string().default(''),
  copyright: z.string().default(''),
  camera: z.string(),
  taken: z.string(),
  width: z.number(),
  height: z.number(),
});

const proofLineSchema = z.object({
  field: z.string(),
  where: z.enum(['Exif', 'IPTC', 'XMP', 'image']),
  meant: z.string(),
  read: z.string(),
  agrees: z.boolean(),
});

/** The words that were typed for one picture; a field that is missing was not. */
export const ownWordsSchema = z.strictObject({
  subject: text.max(200).optional(),
  title: text.max(500).optional(),
  headline: text.max(500).optional(),
  caption: text.max(2000).optional(),
  alt: text.max(1000).optional(),
  keywords: z.array(text.min(1).max(64)).max(50).optional(),
});
export type OwnPhotoWords = z.infer<typeof ownWordsSchema>;

/** Words typed for some pictures at once: a blank text takes the field's own words away. */
export const photoWordsSchema = z.object({
  photos: z
    .array(z.object({ id: z.number().int().positive(), own: ownWordsSchema }))
    .min(1)
    .max(2000),
});
export type PhotoWords = z.infer<typeof photoWordsSchema>;

export const photoSchema = z.object({
  id: z.number(),
  name: z.string(),
  /** Bytes of the original. */
  size: z.number(),
  carried: carriedSchema.nullable(),
  /** What was typed for this photo alone. */
  own: ownWordsSchema,
  state: z.enum(['bare', 'stamped', 'out-of-date', 'failed']),
  /** Why the last stamp failed; ''. */
  message: z.string(),
  proof: z.array(proofLineSchema),
  wordings: z
    .object({ title: z.string(), caption: z.string(), keywords: z.array(z.string()), alt: z.string() })
    .nullable(),
});
export type Photo = z.infer<typeof photoSchema>;

export const photosSchema = z.object({ photos: z.array(photoSchema) });

/** Stamp these photos with the branch's facts and these words. */
export const stampInputSchema = z.object({
  photoIds: z.array(z.number().int().positive()).min(1, 'Choose at least one photo.').max(2000),
  title: text.max(500),
  caption: text.max(2000),
  keywords: z.array(text.min(1).max(64)).max(50),
  alt: text.max(1000),
  /** Which of the words are meant for all; of the others each photo keeps its own where it has any. */
  edited: z.array(z.enum(wordFields)).default([...wordFields]),
});
export type StampInput = z.input<typeof stampInputSchema>;

export const jobSchema = z.object({
  id: z.number(),
  state: z.enum(['waiting', 'running', 'done', 'cancelled', 'failed']),
  done: z.number(),
  total: z.number(),
  failed: z.number(),
  /** Why it failed as a whole; ''. */
  problem: z.string(),
});
export type Job = z.infer<typeof jobSchema>;
export const jobsSchema = z.object({ jobs: z.array(jobSchema) });
