import { countryCode, regionNamed } from '#core/address';
import type { BusinessRecord } from '#core/record';
import { escapeHtml } from '#core/text';
import { contactCard } from './blocks.ts';
import type { ClientForm } from './forms.ts';
import { jsonLdReferences } from './jsonld.ts';
import { MarkupWriter, type Markup } from './writer.ts';

/** What tells of all branches of a client together. */
export const writeClientMarkup = (records: readonly BusinessRecord[], form: ClientForm): Markup =>
  form === 'organization' ? jsonLdReferences(records) : allBranches(records);

/** All branches for visitors, grouped by region where there are several, each by its town and name. */
function allBranches(records: readonly BusinessRecord[]): Markup {
  // Made here: it takes a tenth of the command line's start, and most runs write no branches.
  const inOrder = new Intl.Collator('en', { numeric: true, sensitivity: 'base' });
  const groups = new Map<string, BusinessRecord[]>();
  for (const record of records) {
    const region = regionOf(record);
    groups.set(region, [...(groups.get(region) ?? []), record]);
  }
  const writer = new MarkupWriter();
  writer.add('<div>\n');
  for (const [region, some] of [...groups].toSorted(([one], [other]) => inOrder.compare(one, other))) {
    if (groups.size > 1 && region) writer.add(`  <h3>${escapeHtml(region)}</h3>\n`);
    writer.add('  <ul>\n');
    for (const record of some.toSorted(byTown(inOrder))) {
      const card = contactCard(record).text.replace(/^(?=.)/gm, '      ');
      writer.add(`    <li>\n${card}\n    </li>\n`);
    }
    writer.add('  </ul>\n');
  }
  writer.add('</div>');
  return writer.done();
}

/** A region by its name, where it is known by a code. */
function regionOf({ address }: BusinessRecord): string {
  const region = address.addressRegion.trim();
  return regionNamed(region, countryCode(address.addressCountry))?.name ?? region;
}

const byTown =
  (inOrder: Intl.Collator) =>
  (one: BusinessRecord, other: BusinessRecord): number =>
    inOrder.compare(one.address.addressLocality, other.address.addressLocality) ||
    inOrder.compare(one.name, other.name);
