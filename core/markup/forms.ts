/** The forms that are placed on pages: `jsonld` and `graph` script elements, `microdata` and `rdfa` the visible block. */
export const markupForms = ['jsonld', 'graph', 'microdata', 'rdfa'] as const;
export type MarkupForm = (typeof markupForms)[number];

/** All forms of output, `block` being the visible block without anything for machines. */
export const outputForms = [...markupForms, 'block', 'card', 'hours'] as const;
export type OutputForm = (typeof outputForms)[number];

/** Whether a form is a script element rather than a visible block. */
export const isScript = (form: OutputForm): boolean => form === 'jsonld' || form === 'graph';
