import { placeForm, prove } from '#core/page';
import { readSource } from '#core/reading';
import type { BusinessRecord } from '#core/record';
import { weave } from '#core/weaving';
import { median, type Figure } from './ratio.ts';

const PARAGRAPH =
  '<p class="text">Lorem ipsum dolor sit amet, <b>consectetur</b> adipiscing elit, sed do eiusmod.</p>\n';

/** A page of so many bytes that shows a business in its footer and carries no markup. */
function shownPage({ name, address, telephone }: BusinessRecord, bytes: number): string {
  const footer = `<footer><b>${name.replaceAll('&', '&amp;')}</b><br><span>${address.streetAddress}</span><br>${address.addressLocality}, ${address.addressRegion} ${address.postalCode}<br><a href="tel:1">${telephone}</a></footer>`;
  const body = PARAGRAPH.repeat(Math.ceil(bytes / PARAGRAPH.length));
  return `<!doctype html><html><head><title>x</title></head><body>\n${body}${footer}\n</body></html>`;
}

/** Weaving a large page, and previewing the placements of many, on one thread. */
export async function benchPages(record: BusinessRecord): Promise<readonly Figure[]> {
  const large = shownPage(record, 200_000);
  const usual = shownPage(record, 50_000);
  const weaving = (): void => {
    if (!weave(readSource(large), record, { syntax: 'microdata' }).ok) throw new Error('nothing was woven');
  };
  const placing = (): void => {
    const placed = placeForm(usual, 'jsonld', record);
    if (!placed.ok || prove(readSource(placed.source), 'jsonld', record).state !== 'proved')
      throw new Error('a page was not proved');
  };
  weaving();
  placing();
  return [
    {
      what: 'weaving a page of 200 KB, and proving it',
      value: await median(9, weaving),
      unit: 'ms',
      target: 60,
    },
    {
      what: 'pages of 50 KB placed and proved a second, on one thread',
      value: 1000 / (await median(25, placing)),
      unit: '/s',
      target: 60,
      atLeast: true,
    },
  ];
}
