import { finding, type Finding } from '#core/fault';
import type { HtmlDocument, HtmlElement } from '#core/html';
import { textOf, type ReadItem } from '#core/item';
import { siteOf } from '#core/link';
import { distance, distanceText, readCoordinates, readPin } from '#core/pin';
import { businessesIn, canonicalLinks, isLocalBusiness, type Reading } from '#core/reading';
import { onlyPoint } from './maps.ts';

/** What the head of a business's page says of the page itself, and takes from its markup or contradicts it. */
export function judgeHead(reading: Reading): readonly Finding[] {
  const { document } = reading;
  const businesses = document ? businessesIn(reading.items) : [];
  if (!document || !businesses.some(isLocalBusiness)) return [];
  const metas = document.elements.filter(({ name, inert }) => !inert && name === 'meta');
  return [
    ...judgeRobots(reading, metas),
    ...judgeCanonicals(reading, document, businesses),
    ...judgePosition(reading, metas),
  ];
}

/** Robots that search engines call themselves. */
const ROBOTS = /^(?:robots|googlebot|bingbot)$/i;

/** A page that is kept out of search results, and its markup with it (search engines' guidelines, robots meta tag). */
const judgeRobots = ({ lines }: Reading, metas: readonly HtmlElement[]): readonly Finding[] =>
  metas
    .filter(
      ({ attributes }) =>
        ROBOTS.test(attributes['name']?.trim() ?? '') &&
        /(?:^|[\s,])(?:noindex|none)(?:$|[\s,])/i.test(attributes['content'] ?? ''),
    )
    .slice(0, 1)
    .map(({ attributes, start, contentStart }) =>
      finding(
        'guideline/noindex',
        `The page asks ${attributes['name'] ?? 'robots'} to leave it out (“${attributes['content'] ?? ''}”): search engines list neither it nor what its markup says. Take noindex out before the page is for visitors.`,
        lines.place(start, contentStart),
        'robots',
      ),
    );

/** Several canonical links, of which none counts, or one to another site than the page's and its business's (RFC 6596). */
function judgeCanonicals(
  { lines, base, address }: Reading,
  document: HtmlDocument,
  businesses: readonly ReadItem[],
): readonly Finding[] {
  const canonical = canonicalLinks(document, base);
  const [first] = canonical;
  const other = canonical.find(({ href }) => href !== first?.href);
  const tell = ({ start, contentStart }: HtmlElement, message: string): readonly Finding[] => [
    finding('agreement/canonical', message, lines.place(start, contentStart), 'url'),
  ];
  if (first && other)
    return tell(
      other.element,
      `The page has two canonical links, ${first.href} and ${other.href}, and search engines pass over both. Leave the right one.`,
    );
  const own = siteOf(address);
  if (!first || own === '' || siteOf(first.href) === own) return [];
  return businesses.some((item) => siteOf(textOf(item, 'url')) === own)
    ? tell(
        first.element,
        `The page’s canonical link leads to another site, ${first.href}, and its business names a page of this one. Search engines list the other page instead of this.`,
      )
    : [];
}

/** Metres that two positions of one door may be apart. */
const APART = 1000;

/** A position of the page (`geo.position`, `ICBM`) elsewhere than the coordinates of its only business. */
function judgePosition({ lines, items }: Reading, metas: readonly HtmlElement[]): readonly Finding[] {
  const point = onlyPoint(items);
  if (!point) return [];
  return metas
    .flatMap(({ attributes, start, contentStart }) => {
      const name = attributes['name']?.trim() ?? '';
      const said = /^(?:geo\.position|ICBM)$/i.test(name)
        ? readCoordinates(attributes['content'] ?? '')
        : undefined;
      const there = said && readPin(said).point;
      const metres = there ? distance(point, there) : 0;
      if (metres < APART) return [];
      const message = `The page’s ${name} is ${distanceText(metres)} from the coordinates of its markup. One of them is wrong.`;
      return [finding('agreement/position', message, lines.place(start, contentStart), 'geo')];
    })
    .slice(0, 1);
}
