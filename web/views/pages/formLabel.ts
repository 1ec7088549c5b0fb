import type { OutputForm } from '#core/markup';

/** What a form is called where it is placed. */
export const FORM_LABEL: Readonly<Record<OutputForm, string>> = {
  jsonld: 'JSON-LD',
  graph: 'JSON-LD graph',
  microdata: 'NAP block',
  rdfa: 'NAP block with RDFa',
  block: 'NAP block without markup',
  card: 'Contact card',
  hours: 'Hours table',
};
