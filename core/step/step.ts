import * as z from 'zod';

/** How far one step of a branch's chain has come: record, pages, photos. */
export const stepSchema = z.object({
  state: z.enum(['missing', 'must', 'should', 'out-of-date', 'unproved', 'proved']),
  /** In a few words: "2 to mend", "3 of 8 stamped". */
  detail: z.string(),
});
export type Step = z.infer<typeof stepSchema>;
export type StepState = Step['state'];

export const stepsSchema = z.object({ record: stepSchema, pages: stepSchema, photos: stepSchema });
export type Steps = z.infer<typeof stepsSchema>;

/** The states of a step, the most urgent first. */
const URGENCY: readonly StepState[] = ['must', 'out-of-date', 'missing', 'should', 'unproved', 'proved'];

/** How urgent a branch is: the place of its most urgent step; 0 is the most. */
export const urgencyOf = (steps: Steps): number =>
  Math.min(...Object.values(steps).map(({ state }) => URGENCY.indexOf(state)));

/** Whether a step of a branch is in a state. */
export const hasState = (steps: Steps, state: StepState): boolean =>
  Object.values(steps).some((step) => step.state === state);
