import { finding, type Finding } from '#core/fault';
import { behindTagName, tokensOf, type HtmlElement } from '#core/html';
import { schemaName, type ReadItem } from '#core/item';
import type { Reading } from '#core/reading';
import { table } from '#core/text';
import { areOf, isPropertyOf, isSubtype } from '#core/vocabulary';

/** What is only ever part of something else, and the properties it is that by. */
const PARTS = table<readonly string[]>({
  PostalAddress: ['address'],
  GeoCoordinates: ['geo'],
  GeoShape: ['geo'],
  OpeningHoursSpecification: ['openingHoursSpecification', 'hoursAvailable'],
  AggregateRating: ['aggregateRating'],
  Rating: ['reviewRating', 'starRating'],
  ContactPoint: ['contactPoint'],
  LocationFeatureSpecification: ['amenityFeature'],
  QuantitativeValue: ['numberOfRooms', 'numberOfEmployees', 'occupancy', 'floorSize'],
  UnitPriceSpecification: ['priceSpecification'],
  ListItem: ['itemListElement'],
  Question: ['mainEntity'],
  Answer: ['acceptedAnswer'],
});

/**
 * An item that is only ever part of another and stands inside that, with no property that ties it (HTML, Microdata
 * 5.2.4; RDFa 1.1 Lite, 2.2): it is an item by itself there, which tells of nothing.
 */
export function judgeLoose({ document, source, lines }: Reading): readonly Finding[] {
  return (document?.marked ?? []).flatMap((element) => {
    const isMicrodata = element.attributes['itemscope'] !== undefined;
    const [type] = typesOf(element);
    const names = type === undefined ? undefined : PARTS[type];
    const outer = names && !element.inert && !isTied(element) ? itemAround(element, isMicrodata) : undefined;
    const types = outer ? typesOf(outer) : [];
    const name =
      names?.find((one) => isPropertyOf(one, types)) ?? (types.some(isGoneTo) ? names?.[0] : undefined);
    if (!name || !type || types.some((one) => isSubtype(one, type))) return [];
    const attribute = `${isMicrodata ? 'itemprop' : 'property'}="${name}"`;
    const at = behindTagName(source, element);
    return [
      finding(
        'structure/loose',
        `This ${type} stands inside the ${types.join(', ')}, but no property ties it to that, so a machine passes it by. Write ${attribute} on it.`,
        lines.place(element.start, element.contentStart),
        name,
        { edits: [{ start: at, end: at, text: ` ${attribute}` }], guess: true },
      ),
    ];
  });
}

/**
 * A business without a name that begins inside another, and that nothing ties to it: who wrote it meant the one around,
 * and what it holds is lost to that (HTML, Microdata 5.2.4).
 */
export function judgeSplit({ document, items, lines }: Reading): readonly Finding[] {
  const inside = new Map(items.filter(isSplit).map((item) => [item.place.start, item]));
  if (inside.size === 0) return [];
  return (document?.marked ?? []).flatMap((element) => {
    const item = inside.get(element.start);
    const isMicrodata = item?.syntax === 'microdata';
    const outer = item && !element.inert && !isTied(element) ? itemAround(element, isMicrodata) : undefined;
    const types = outer ? typesOf(outer) : [];
    if (!item || !areOf(types, 'LocalBusiness')) return [];
    const held = [...new Set(item.properties.map(({ name }) => name))].join(', ');
    const begin = isMicrodata ? 'itemscope and itemtype' : 'typeof';
    return [
      finding(
        'structure/loose',
        `This ${item.types.join(', ')} has no name and begins inside the ${types.join(', ')}, but no property ties it to that, so a machine takes it for another business, and ${held} for its own. Take ${begin} out here, and they belong to the ${types[0] ?? ''}.`,
        lines.place(element.start, element.contentStart),
        '@type',
      ),
    ];
  });
}

const isSplit = ({ syntax, types, properties }: ReadItem): boolean =>
  syntax !== 'jsonld' &&
  areOf(types, 'LocalBusiness') &&
  properties.length > 0 &&
  !properties.some(({ name }) => name === 'name');

/** Some businesses are no places to schema.org, and have hours all the same. */
const isGoneTo = (type: string): boolean => isSubtype(type, 'Organization') || isSubtype(type, 'Place');

const typesOf = ({ attributes }: HtmlElement): readonly string[] =>
  tokensOf(attributes['itemtype'] ?? attributes['typeof'] ?? '').map((type) => schemaName(type));

/** What ties an item to another, or gives it a name that others may tie it by. */
const TIES = ['itemprop', 'itemid', 'id', 'property', 'rel', 'rev', 'resource', 'about', 'inlist'] as const;
const isTied = ({ attributes }: HtmlElement): boolean => TIES.some((one) => attributes[one] !== undefined);

/** The element of the item around; undefined where something in between may tie what is inside. */
function itemAround(element: HtmlElement, isMicrodata: boolean): HtmlElement | undefined {
  for (let outer = element.parent; outer; outer = outer.parent) {
    const { attributes } = outer;
    if (attributes[isMicrodata ? 'itemscope' : 'typeof'] !== undefined) return outer;
    if (isTied(outer) && attributes['id'] === undefined) return undefined;
  }
  return undefined;
}
