import type { MarkupForm } from '#core/markup';

/** What a form of markup is called where it is placed. */
export const FORM_LABEL: Readonly<Record<MarkupForm, string>> = {
  jsonld: 'JSON-LD',
  graph: 'JSON-LD graph',
  microdata: 'NAP block',
  rdfa: 'NAP block with RDFa',
};
