/** The forms of output: `jsonld` a script element, `microdata` the visible NAP block. */
export const markupForms = ['jsonld', 'microdata'] as const;
export type MarkupForm = (typeof markupForms)[number];
