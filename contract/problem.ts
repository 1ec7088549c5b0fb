import * as z from 'zod';

/** What every refused request is answered with (RFC 9457 problem details). */
export const problemSchema = z.object({
  type: z.string(),
  title: z.string(),
  status: z.number().int(),
  /** For people: what happened, what was kept, what to do. */
  detail: z.string(),
  /** For an invalid request: the path of each fault and what is wrong there. */
  errors: z.array(z.object({ path: z.string(), message: z.string() })).optional(),
});
export type Problem = z.infer<typeof problemSchema>;
