import * as z from 'zod';

/** The languages that blocks are written in. */
export const blockLanguages = [
  ...(['en', 'de', 'fr', 'es', 'it', 'nl', 'ja'] as const),
  ...(['pt', 'pl', 'sv', 'da', 'nb', 'fi', 'cs', 'ko'] as const),
  ...(['el', 'tr', 'hu', 'ro', 'ru', 'uk', 'zh'] as const),
  ...(['ar', 'he', 'th', 'vi', 'id', 'sk', 'hr', 'bg'] as const),
] as const;
export type BlockLanguage = (typeof blockLanguages)[number];

/** How a record is told: choices that change no fact. */
export const outputSchema = z.object({
  /** Facts (keys of the record) left out of JSON-LD, and out of the block. */
  leftOut: z
    .object({ jsonld: z.array(z.string().max(60)).max(60), block: z.array(z.string().max(60)).max(60) })
    .default({ jsonld: [], block: [] }),
  /** `long`: openingHoursSpecification; `short`: the texts of openingHours, which cannot say names or dates. */
  hoursForm: z.enum(['long', 'short']).default('long'),
  block: z
    .object({
      /** One line or several. */
      lines: z.enum(['several', 'one']).default('several'),
      /** Whether "Telephone:" and the like stand before values. */
      labels: z.boolean().default(true),
      /** The language of its words; `country` for the one that most people there read. */
      language: z.enum(['country', ...blockLanguages]).default('country'),
      /** Own words for what the language says, by the English ones. */
      words: z
        .record(z.string().max(40), z.string().max(80))
        .refine((words) => Object.keys(words).length <= 60)
        .default({}),
      /** How numbers are written for people. */
      telephone: z
        .enum(['national', 'international', 'typed', 'brackets', 'dots', 'hyphens'])
        .default('national'),
      /** Dates with the month in words, or in the country's figures. */
      dates: z.enum(['words', 'figures']).default('words'),
      /** Parts of the address that visitors need not read. */
      withoutParts: z.array(z.string().max(40)).max(5).default([]),
      /** The address in the order of its country, street first, or from the country down to the street. */
      addressOrder: z.enum(['country', 'street-first', 'country-first']).default('country'),
      /** Whether the email is written so that harvesters have it harder. */
      guardEmail: z.boolean().default(false),
      /** 12 or 24 hours; `country` for what the country is used to. */
      clock: z.enum(['country', '12', '24']).default('country'),
      closedDays: z.boolean().default(true),
      joinDays: z.boolean().default(true),
      linkTelephone: z.boolean().default(true),
      linkEmail: z.boolean().default(true),
      mapLink: z.boolean().default(true),
      /** Written before every class name ("nap" gives nap-name, nap-hours …); '' for no classes. */
      classes: z
        .string()
        .max(40)
        .regex(/^([A-Za-z][\w-]*)?$/)
        .default(''),
    })
    .prefault({}),
});
export type Output = Readonly<z.infer<typeof outputSchema>>;

export const usualOutput: Output = outputSchema.parse({});
