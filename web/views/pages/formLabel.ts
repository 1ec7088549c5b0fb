import type { PlacedForm } from '#core/page';

/** What a form is called where it is placed. */
export const FORM_LABEL: Readonly<Record<PlacedForm, string>> = {
  jsonld: 'JSON-LD',
  graph: 'JSON-LD graph',
  microdata: 'NAP block',
  rdfa: 'NAP block with RDFa',
  block: 'NAP block without markup',
  card: 'Contact card',
  hours: 'Hours table',
  organization: 'Organisation with its branches (JSON-LD)',
  branches: 'All branches together, by region',
  woven: 'Woven into the text',
  'woven-rdfa': 'Woven into the text as RDFa',
};
