import type { MarkupForm } from '#core/markup';

/** Where markup can stand on a page. */
export const placements = ['head', 'body-end'] as const;
export type Placement = (typeof placements)[number];

/** Where each form stands unless told otherwise. The NAP block is for visitors, so never in the head. */
export const usualPlacement: Readonly<Record<MarkupForm, Placement>> = {
  jsonld: 'head',
  graph: 'head',
  microdata: 'body-end',
  rdfa: 'body-end',
};
