import { usualOutput, type BusinessRecord } from '#core/record';
import { block } from './block.ts';
import { contactCard, hoursTable } from './blocks.ts';
import { isScript, type OutputForm } from './forms.ts';
import { jsonLd, jsonLdGraph } from './jsonld.ts';
import { microdata, plainHtml, rdfa } from './syntax.ts';
import type { Markup } from './writer.ts';

const writers: Readonly<Record<OutputForm, (record: BusinessRecord) => Markup>> = {
  jsonld: jsonLd,
  graph: (record) => jsonLdGraph([record]),
  microdata: (record) => block(record, microdata),
  rdfa: (record) => block(record, rdfa),
  block: (record) => block(record, plainHtml),
  card: contactCard,
  hours: hoursTable,
};

/** The record in the given form, with the choices it carries. */
export const writeMarkup = (record: BusinessRecord, form: OutputForm): Markup => writers[form](record);

/** The keys of the record that its output leaves out of a form; what the form cannot say is among them. */
export function leftOutOf({ output }: BusinessRecord, form: OutputForm): readonly string[] {
  const { leftOut, hoursForm } = output ?? usualOutput;
  if (!isScript(form)) return leftOut.block;
  return hoursForm === 'short' ? [...leftOut.jsonld, 'specialHours', 'publicHolidays'] : leftOut.jsonld;
}
