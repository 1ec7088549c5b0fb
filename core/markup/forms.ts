/** The forms that are placed on pages: `jsonld` and `graph` script elements, `microdata` and `rdfa` the visible block. */
export const markupForms = ['jsonld', 'graph', 'microdata', 'rdfa'] as const;
export type MarkupForm = (typeof markupForms)[number];

/** All forms of output, `block` being the visible block without anything for machines. */
export const outputForms = [...markupForms, 'block', 'card', 'hours'] as const;
export type OutputForm = (typeof outputForms)[number];

/** What tells of all branches of a client: the organisation for machines, a list of them for visitors. */
const clientForms = ['organization', 'branches'] as const;
export type ClientForm = (typeof clientForms)[number];

/** Everything that stands between marks of ours on a page. */
export const markedForms = [...outputForms, ...clientForms] as const;
export type MarkedForm = (typeof markedForms)[number];

export const isClientForm = (form: string): form is ClientForm => clientForms.some((one) => one === form);

/** Whether a form is a script element rather than a visible block. */
export const isScript = (form: MarkedForm): boolean =>
  form === 'jsonld' || form === 'graph' || form === 'organization';
