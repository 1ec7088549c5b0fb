import * as z from 'zod';
import { markedForms } from '#core/markup';
import { outputSchema } from '#core/record';
import { readPlacement, type Placement } from './placements.ts';

/** A placement under a name, kept with a client: the form, where it stands, and how the record is told there. */
export const presetSchema = z.strictObject({
  name: z.string().max(80).default(''),
  form: z.enum(markedForms).default('jsonld'),
  /** `head`, `body-begin`, `body-end`, or `before:`, `after:` or `inside:` with a CSS selector. */
  at: z
    .string()
    .max(400)
    .refine((at) => readPlacement(at) !== undefined, 'is no place on a page')
    .transform((at): Placement => readPlacement(at) ?? 'head')
    .optional(),
  /** Choices for this placement alone; what is not given is as the record has it. */
  output: outputSchema.optional(),
});

/** The JSON Schema of the files that `zinc place --preset` takes. */
export const presetJsonSchema = (): string =>
  `${JSON.stringify(z.toJSONSchema(presetSchema, { io: 'input', unrepresentable: 'any' }), null, 2)}\n`;
