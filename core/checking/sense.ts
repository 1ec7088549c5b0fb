import { countryName } from '#core/address';
import { finding, shortText, type Finding } from '#core/fault';
import { Visited, type ReadItem, type ReadProperty } from '#core/item';
import { normaliseProfile } from '#core/link';
import { holdsFormerOne, readTelephone, sharesNumbers, digitsOfLetters } from '#core/phone';
import { readJson, type Reading } from '#core/reading';
import { table, type Edit, type Place } from '#core/text';
import { judgeName } from './senseOfName.ts';
import { judgePostalForm, judgeSeveral, judgeStreet, judgeWholeAddress } from './senseOfAddress.ts';
import { judgeTown } from './senseOfTown.ts';
import { judgeCodeOfTown, judgeRegion } from './senseOfRegion.ts';
import { judgeHours } from './senseOfHours.ts';
import { judgeContent, judgeImage, judgePictureAddress } from './senseOfImages.ts';
import { judgeReview } from './senseOfReviews.ts';
import { judgeSeveralNames, judgeSeveralPlaces } from './severalPlaces.ts';
import { judgeLei, judgeTradeNumber, judgeUnit } from './codes.ts';
import {
  judgeDuration,
  judgeLanguage,
  judgeLanguages,
  judgeNames,
  judgeRadius,
  judgeShape,
} from './forms.ts';
import { judgeCurrency, judgeDataType, judgePrice, judgeReservations, judgeVatId } from './dataTypes.ts';
import { tellBeside } from './beside.ts';
import { DATA_TYPES } from './meant.ts';
import { judgeLetters } from './letters.ts';
import { tell, type Spot } from './spot.ts';
import { areOf, propertyNamed } from '#core/vocabulary';

/** Values that a machine reads and nobody can have meant: what a person sees at once and no syntax tells. */
export function judgeSense(reading: Reading, countryOf: (item: ReadItem) => string): readonly Finding[] {
  const { items, source } = reading;
  const found: Finding[] = [];
  const visited = new Visited(items);
  const tagAt = ({ place: { start } }: ReadProperty): string =>
    source.slice(start, start + 300).split('>')[0] ?? '';
  const visit = (item: ReadItem, around: string, within?: ReadProperty, owner?: ReadItem): void => {
    if (!visited.enters(item)) return;
    const country = countryOf(item) || around;
    if (within) found.push(...judgeNested(item, within, source, owner));
    found.push(
      ...judgeHours(item),
      ...judgeImage(item),
      ...judgeReview(item, owner),
      ...judgeSeveral(item, country),
      ...judgeSeveralPlaces(item),
      ...judgeSeveralNames(item),
    );
    for (const property of item.properties) {
      const { value } = property;
      if (value.kind === 'item') {
        const isItself = value.item === item || (item.id !== null && value.item.id === item.id);
        if (isItself && OF_ANOTHER.has(property.name)) found.push(ofItself(property));
        visit(value.item, country, property, item);
      } else
        found.push(
          ...judgeSpot({
            item,
            owner,
            property,
            value,
            text: value.text.trim(),
            country,
            source,
            tag: tagAt(property),
          }),
        );
    }
  };
  for (const item of visited.tops) visit(item, '');
  return found;
}

/** What a business is or has among others: none is its own. */
const OF_ANOTHER = new Set([
  'parentOrganization',
  'subOrganization',
  'branchOf',
  'department',
  'containedInPlace',
  'containsPlace',
  'member',
  'memberOf',
]);

const ofItself = ({ name, place }: ReadProperty): Finding =>
  finding(
    'structure/reference',
    `${name} leads back to the item itself, which is none of its own. Name the other one, or leave it out.`,
    place,
    name,
  );

/** What is judged of a value, by its property. */
const BY_NAME = table<(spot: Spot) => readonly Finding[]>({
  telephone: judgeNumber,
  faxNumber: judgeNumber,
  email: judgeMail,
  name: judgeName,
  streetAddress: judgeStreet,
  addressLocality: judgeTown,
  postalCode: (spot) => [...judgePostalForm(spot), ...judgeCodeOfTown(spot)],
  addressRegion: judgeRegion,
  address: judgeWholeAddress,
  url: judgeTracking,
  image: judgePictureAddress,
  logo: judgePictureAddress,
  photo: judgePictureAddress,
  contentUrl: judgeContent,
  ratingValue: judgeDecimal,
  price: judgePrice,
  minPrice: judgePrice,
  maxPrice: judgePrice,
  lowPrice: judgePrice,
  highPrice: judgePrice,
  priceCurrency: judgeCurrency,
  currency: judgeCurrency,
  currenciesAccepted: judgeCurrency,
  gtin: judgeTradeNumber,
  gtin8: judgeTradeNumber,
  gtin12: judgeTradeNumber,
  gtin13: judgeTradeNumber,
  gtin14: judgeTradeNumber,
  isbn: judgeTradeNumber,
  globalLocationNumber: judgeTradeNumber,
  duns: judgeTradeNumber,
  naics: judgeTradeNumber,
  leiCode: judgeLei,
  unitCode: judgeUnit,
  acceptsReservations: judgeReservations,
  vatID: judgeVatId,
  box: judgeShape,
  circle: judgeShape,
  line: judgeShape,
  polygon: judgeShape,
  geoRadius: judgeRadius,
  inLanguage: judgeLanguage,
  knowsLanguage: judgeLanguages,
  availableLanguage: judgeNames,
  servesCuisine: judgeNames,
  areaServed: judgeNames,
});

function judgeSpot(spot: Spot): readonly Finding[] {
  if (!spot.text) return [];
  return [
    ...judgeLetters(spot),
    ...(BY_NAME[spot.property.name]?.(spot) ?? []),
    ...judgeDataType(spot),
    ...judgeDuration(spot),
  ];
}

/** What is longer is no number, and told as that. */
const LONGEST_NUMBER = 250;

function judgeNumber(spot: Spot): readonly Finding[] {
  const { text, country, value } = spot;
  if (text.length > LONGEST_NUMBER) return [];
  const number = readTelephone(text, country).telephone;
  const international = number?.international ?? '';
  const say = (what: string, mended = international): readonly Finding[] => [
    tellBeside(
      spot,
      'value/telephone-form',
      `“${text}” ${what}${mended ? ` Write ${mended}.` : ''}`,
      mended,
      mended !== international,
    ),
  ];
  if (/^tel:/i.test(text)) {
    // A link to dial stays one; beside it the number itself belongs into the text or a meta element.
    return value.holder === 'json'
      ? say('is the address of a link, not a number.')
      : say('is the address of a link: a machine reads “tel:” as part of the number.', '');
  }
  if (beginsWithWords(text) && number) return say('begins with words, which are no part of a number.');
  if (isSeveral(text)) return say('are several numbers in one text. Give each by itself.', '');
  const meant = alike(text);
  const digits = meant ? readTelephone(meant, country) : undefined;
  if (digits?.telephone && digits.faults.length === 0)
    return say('holds a letter that looks like a digit.', digits.telephone.international);
  const dialled = /\p{L}/u.test(text.replace(EXTENSION, '')) ? digitsOfLetters(text) : '';
  if (dialled)
    return say(
      'holds letters, which are dialled nowhere but on a keypad with letters.',
      readTelephone(dialled, country).telephone?.international ?? '',
    );
  if (number && holdsFormerOne(text))
    return say('holds the 1 that mobiles of Mexico had until 2019, which is not dialled any more.');
  if (number && number.country !== 'IT' && hasTrunkZero(text, number.e164))
    return say('holds the 0 of calls at home behind its country code, which is not dialled from abroad.');
  if (EXTENSION.test(text))
    return [
      tell(
        spot,
        'value/telephone-extension',
        `“${text}” holds an extension, which links for dialling leave out. Give it in words, or a number that leads through.`,
      ),
    ];
  if (/\(\s*0\s*\)/.test(text)) return say('holds “(0)”, which is dialled at home and not from abroad.');
  if (/^00[1-9]/.test(text)) return say('begins with 00, which is not dialled everywhere.');
  if (
    number &&
    country &&
    !number.assumedCountry &&
    number.country &&
    !sharesNumbers(number.country, country)
  )
    return [
      tell(
        spot,
        'value/telephone-foreign',
        `${number.international} is a number of ${countryName(number.country)}, the address is in ${countryName(country)}.`,
      ),
    ];
  return [];
}

/** Whether words stand before a number: "Call us: (360) 555-0142". */
export const beginsWithWords = (text: string): boolean =>
  !/^tel:/i.test(text) && /^\p{L}[\p{L}.: -]*[+\d(]/u.test(text);

/** An extension as people write it (ITU-T E.123, 6.3, and habits). */
const EXTENSION =
  /[\s,;]*(?:\b(?:ext|extn|extension|durchwahl|poste|int|interno|toestel|anexo)\b\.?:?|(?<=[\d\s])x(?=\s?\d)|;ext=|#)\s*\d{1,6}\s*$/i;

/** A number with digits for the letters that look like them, between digits; '' where it holds none, or others. */
function alike(text: string): string {
  if (!/^\+?[\dOoIl\s().-]+$/.test(text) || !/(?<=\d[\s.-]?)[OoIl]|[OoIl](?=[\s.-]?\d)/.test(text)) return '';
  return text.replace(/o/gi, '0').replace(/[Il]/g, '1');
}

/** Whether the 0 that is dialled at home stands behind the country code: "+49 0151". */
function hasTrunkZero(text: string, e164: string): boolean {
  const digits = text.replace(/\D/g, '');
  return (
    /^\s*\+/.test(text) &&
    digits.length === e164.length &&
    digits !== e164.slice(1) &&
    [1, 2, 3].some((at) => digits[at] === '0' && digits.slice(0, at) + digits.slice(at + 1) === e164.slice(1))
  );
}

/** Whether two whole numbers stand in a text; an area code before a stroke ("089/123456") is none. */
function isSeveral(text: string): boolean {
  const [first = '', ...others] = text
    .split(/[/;,|]/)
    .map((part) => part.replace(/\D/g, '').replace(/^00/, ''));
  return first.length >= 8 && others.some((other) => other.length >= 5);
}

/** “Do not answer”, as programs send mail from. */
const NOBODY_READS =
  /^(?:no[-_.]?reply|do[-_.]?not[-_.]?reply|(?:bitte[-_.]?)?nicht[-_.]?antworten|ne[-_.]?pas[-_.]?repondre|no[-_.]?responder|nao[-_.]?responda|non[-_.]?rispondere)@/i;

function judgeMail(spot: Spot): readonly Finding[] {
  const { text, value } = spot;
  if (NOBODY_READS.test(text.replace(/^mailto:/i, '')))
    return [
      tell(
        spot,
        'value/email-form',
        `“${shortText(text)}” is an address that nobody reads. Give the one that customers can write to.`,
      ),
    ];
  if (!/^mailto:/i.test(text)) return [];
  // A link in the text stays one, and machines take its scheme off; what a meta element says is no link.
  if (value.holder !== 'json' && !/^<meta\b/i.test(spot.tag)) return [];
  const mended = text.replace(/^mailto:/i, '').replace(/\?.*$/, '');
  return [tell(spot, 'value/email-form', `“${text}” is the address of a link. Write ${mended}.`, mended)];
}

function judgeTracking(spot: Spot): readonly Finding[] {
  const clean = normaliseProfile(spot.text);
  if (!/[?&](?:utm_\w+|gclid|fbclid|msclkid)=/i.test(spot.text) || clean === spot.text) return [];
  return [
    tell(
      spot,
      'value/url-tracking',
      `“${shortText(spot.text)}” carries tracking parameters. Write ${clean}.`,
      clean,
      true,
    ),
  ];
}

function judgeDecimal(spot: Spot): readonly Finding[] {
  if (!/^\d,\d+$/.test(spot.text)) return [];
  const mended = spot.text.replace(',', '.');
  return [
    tellBeside(
      spot,
      'value/rating',
      `“${spot.text}” is no number to a machine, which wants a point: ${mended}.`,
      mended,
    ),
  ];
}

/** How a type is written in each syntax. */
const TYPE_WRITTEN: Readonly<Record<ReadItem['syntax'], (type: string) => string>> = {
  jsonld: (type) => `"@type": "${type}"`,
  microdata: (type) => `itemtype="https://schema.org/${type}"`,
  rdfa: (type) => `typeof="${type}"`,
};

/** A type where an item begins: the first name of an object, or behind the attribute that makes an element an item. */
function typeAdded(item: ReadItem, { start }: Place, source: string, type: string): Edit[] | null {
  const behind = (at: number, text: string): Edit[] => [{ start: at, end: at, text }];
  if (item.syntax === 'jsonld') return behind(item.place.start + 1, `${type}, `);
  const [scope] =
    /^<[^<>]{0,500}?\sitemscope(?:=(?:"[^"<>]*"|'[^'<>]*'|\w+))?(?=[\s/>])/i.exec(
      source.slice(start, start + 600),
    ) ?? [];
  return scope && item.syntax === 'microdata' ? behind(start + scope.length, ` ${type}`) : null;
}

/** A paragraph that ends with the start of what may not stand in one (HTML, 13.2.6.4.7). */
const ENDS_PARAGRAPH =
  /^<p\b[^<>]*>\s*<(address|article|blockquote|div|dl|footer|form|h[1-6]|header|ol|p|section|table|ul)\b/i;

/** An object inside another without a type: what it is follows from the property, where that holds one kind alone. */
function judgeNested(
  item: ReadItem,
  { name, place }: ReadProperty,
  source: string,
  owner: ReadItem | undefined,
): readonly Finding[] {
  const saysNothing = (what: string): readonly Finding[] => [
    finding('value/empty', `${name} is there, but says nothing${what}`, item.place, name),
  ];
  if (item.properties.length === 0 && item.id === null) {
    if (item.syntax === 'jsonld') return saysNothing('. Leave out what is not known.');
    const isOfBusiness = areOf(owner?.types ?? [], 'Organization', 'Place');
    const attribute = item.syntax === 'rdfa' ? 'property' : 'itemprop';
    const [, block = ''] = ENDS_PARAGRAPH.exec(source.slice(item.place.start, item.place.start + 2000)) ?? [];
    if (item.types.length > 0 && isOfBusiness)
      return saysNothing(
        block
          ? `: a <p> ends where <${block}> begins, so nothing stands in it. Make the <p> a <div>.`
          : `: nothing in it has ${attribute}. Mark its parts, or leave it out.`,
      );
  }
  if (item.types.length > 0 || item.properties.length === 0) return [];
  const known = propertyNamed(name);
  const ranges = (known?.ranges ?? []).filter((range) => !DATA_TYPES.has(range));
  const meant = NESTED[name] ?? (ranges.length === 1 && ranges[0] !== 'Thing' ? (ranges[0] ?? '') : '');
  if (!meant && !known) return [];
  // Of a thing nothing more is asked than that it is one: a breadcrumb's "item" with its address and name.
  if (known?.ranges.includes('Thing')) return [];
  const types = meant ? [meant] : ranges.slice(0, 3);
  const written = TYPE_WRITTEN[item.syntax];
  const where = types.map(written).join(' or ') || written('…');
  // A type that is written, but not read as one, has a mend of its own.
  const isWritten = /"@(?!id|context)|"type"/.test(source.slice(item.place.start, item.place.end));
  return [
    finding(
      'structure/no-type',
      `What ${name} holds has no type, so a machine does not know what it is. Add ${where}.`,
      item.syntax === 'jsonld' ? item.place : place,
      name,
      {
        edits: meant && !isWritten ? typeAdded(item, place, source, written(meant)) : null,
        // An action, or a place, is one of many kinds; and of broken JSON nobody knows what holds what.
        guess:
          NESTED[name] === undefined ||
          (item.syntax === 'jsonld' && readJson(source, item.place.start, item.place.end).faults.length > 0),
      },
    ),
  ];
}
const NESTED = table<string>({
  address: 'PostalAddress',
  geo: 'GeoCoordinates',
  openingHoursSpecification: 'OpeningHoursSpecification',
  specialOpeningHoursSpecification: 'OpeningHoursSpecification',
  aggregateRating: 'AggregateRating',
  review: 'Review',
  reviewRating: 'Rating',
  contactPoint: 'ContactPoint',
});
