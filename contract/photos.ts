import * as z from 'zod';
import { stampSchema } from '#core/photo';

const text = z.string().trim();

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
  /** What says something of a person or a device, the position put aside. */
  personal: z.array(z.object({ what: z.string(), value: z.string() })).default([]),
  width: z.number(),
  height: z.number(),
});

const proofLineSchema = z.object({
  field: z.string(),
  where: z.enum(['Exif', 'IPTC', 'XMP', 'PNG', 'image']),
  meant: z.string(),
  read: z.string(),
  agrees: z.boolean(),
});

/** Degrees, WGS-84. */
const pointSchema = z.strictObject({
  latitude: z.number().min(-90).max(90),
  longitude: z.number().min(-180).max(180),
});

/** The words and the place that were given to one picture; a field that is missing was not. */
export const ownWordsSchema = z.strictObject({
  subject: text.max(200).optional(),
  title: text.max(500).optional(),
  headline: text.max(500).optional(),
  caption: text.max(2000).optional(),
  alt: text.max(1000).optional(),
  keywords: z.array(text.min(1).max(64)).max(50).optional(),
  /** The name of its file when it is stamped. */
  name: text.max(200).optional(),
  point: pointSchema.optional(),
});
export type OwnPhotoWords = z.infer<typeof ownWordsSchema>;

const typedWordsSchema = ownWordsSchema.extend({ point: pointSchema.nullable().optional() });
export type TypedPhotoWords = z.infer<typeof typedWordsSchema>;

/** Words typed for some pictures at once: a blank text takes the field's own words away, as null does for a place. */
export const photoWordsSchema = z.object({
  photos: z
    .array(z.object({ id: z.number().int().positive(), own: typedWordsSchema }))
    .min(1)
    .max(2000),
});
export type PhotoWords = z.infer<typeof photoWordsSchema>;

/** Where a picture went. */
export const useKinds = ['page', 'map', 'directory', 'other'] as const;
export const useInputSchema = z.strictObject({
  kind: z.enum(useKinds),
  /** The address of the picture there, or of the page that shows it. */
  address: z.url({ protocol: /^https?$/, error: 'An address with http:// or https:// is needed.' }).max(2000),
  /** RFC 3339 full-date. */
  date: z.iso.date(),
});

/** What was found of a picture that was fetched back. */
export const fetchedPictureSchema = z.object({
  /** ISO 8601. */
  at: z.string(),
  /** Why nothing could be compared; ''. */
  problem: z.string(),
  /** Whether its image is the very one; a host that made it smaller made another. */
  isSameImage: z.boolean(),
  lines: z.array(proofLineSchema),
});
export type FetchedPicture = z.infer<typeof fetchedPictureSchema>;

export const photoUseSchema = useInputSchema.extend({
  id: z.number(),
  /** The last time it was fetched back; null before the first. */
  fetched: fetchedPictureSchema.nullable(),
});
export type PhotoUse = z.infer<typeof photoUseSchema>;

export const photoSchema = z.object({
  id: z.number(),
  name: z.string(),
  /** Bytes of the original. */
  size: z.number(),
  /** What kind of picture its bytes are; '' where it is not known. */
  format: z.string(),
  /** Whether its name says another kind. */
  isDisguised: z.boolean(),
  carried: carriedSchema.nullable(),
  /** What was given to this photo alone. */
  own: ownWordsSchema,
  /** The name of an earlier photo of the branch that has the very same image; ''. */
  twin: z.string(),
  state: z.enum(['bare', 'stamped', 'out-of-date', 'failed']),
  /** Why the last stamp failed; ''. */
  message: z.string(),
  proof: z.array(proofLineSchema),
  /** What the last stamp wrote; null before the first. */
  stamped: z
    .object({
      name: z.string(),
      title: z.string(),
      caption: z.string(),
      keywords: z.array(z.string()),
      alt: z.string(),
      /** What else is to be said: what was replaced, kept or removed. */
      remarks: z.array(z.string()),
      /** Whether a file of XMP stands beside it. */
      sidecar: z.boolean(),
    })
    .nullable(),
  uses: z.array(photoUseSchema),
});
export type Photo = z.infer<typeof photoSchema>;

export const photosSchema = z.object({ photos: z.array(photoSchema) });

/** What an upload gave: photos, and what of a zip was refused. */
export const addedPhotosSchema = z.object({
  photos: z.array(photoSchema),
  refused: z.array(z.object({ name: z.string(), reason: z.string() })),
});

/** Some photos of a branch by their numbers, joined by commas; all of them where nothing is said. */
export const chosenPhotosSchema = z.object({
  ids: z
    .string()
    .regex(/^\d{1,10}(,\d{1,10})*$/)
    .max(14_000)
    .optional(),
});

/** The stamp that a branch's next photos get. */
export const branchStampSchema = z.object({ stamp: stampSchema });
/** The stamps that are kept with a client, each under its name. */
export const stampsSchema = z.object({
  stamps: z
    .array(stampSchema)
    .max(100)
    .refine(
      (stamps) => new Set(stamps.map(({ name }) => name.trim().toLowerCase())).size === stamps.length,
      'Two stamps have one name.',
    )
    .refine((stamps) => stamps.every(({ name }) => name.trim()), 'A stamp has no name.'),
});

/** Stamp these photos with the branch's facts: by a stamp, or each again as it was stamped before (null). */
export const stampInputSchema = z.strictObject({
  photoIds: z.array(z.number().int().positive()).min(1, 'Choose at least one photo.').max(2000),
  stamp: stampSchema.nullable(),
});
export type StampInput = z.input<typeof stampInputSchema>;

export const jobSchema = z.object({
  id: z.number(),
  state: z.enum(['waiting', 'running', 'paused', 'done', 'cancelled', 'failed']),
  done: z.number(),
  total: z.number(),
  failed: z.number(),
  /** Why it failed as a whole; ''. */
  problem: z.string(),
});
export type Job = z.infer<typeof jobSchema>;
export const jobsSchema = z.object({ jobs: z.array(jobSchema) });
