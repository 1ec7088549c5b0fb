import { countryCode, countryNamed, judgeAddress, type AddressPart } from '#core/address';
import { fault, type Fault } from '#core/fault';
import { isDateOrYear, machineDateOrYear } from '#core/hours';
import { judgeEmail, judgeProfile, judgeUrl, normaliseProfile, parseUrl } from '#core/link';
import { judgeMarkupTelephone, readTelephone } from '#core/phone';
import type { Reading } from '#core/reading';
import { Visited, placeOfText, textOf, valuesOf, type ReadItem, type ReadProperty } from '#core/item';
import { emailMeant, judgePlaceholderMail, judgeText, judgeUnfilled, urlMeant } from '#core/value';
import { judgePriceRange } from '#core/price';
import { addressOf, propertyKinds } from '#core/record';
import { jsonString, remembered, table, type Edit } from '#core/text';
import type { Towns } from '#core/towns';
import { areOf, propertyNamed } from '#core/vocabulary';
import { finding, shortText, type Finding } from '#core/fault';
import { judgeCoordinates, type Where } from './coordinates.ts';
import { propertiesMeant } from './meant.ts';
import { mendBeside, momentBeside, type Standing } from './beside.ts';
import { judgeDayOfWeek, judgeHoursText } from './hoursWords.ts';
import { judgeDate, judgeTime, hoursEndMeant, momentMeant } from './moments.ts';
import { postalCodeMeant } from './postalCodeMeant.ts';
import { judgeRatingItem } from './ratings.ts';
import { beginsWithWords } from './sense.ts';
import { heldElsewhere } from './senseOfAddress.ts';
import { embeddedIn, instead, type TextValue } from './spot.ts';

/** What a value stands in: its page, and the country its telephone numbers are read in. */
interface Surroundings {
  readonly page: Reading;
  readonly country: string;
  /** The country that the same business has in another item of its `@id`; '' for none. */
  readonly ofTwin: string;
  /** Whether a point may be where the address around is. */
  readonly isNear: Where['isNear'];
  /** The item around serves an area, so that its address needs no street. */
  readonly servesArea: boolean;
  /** The property that the item stands in; '' for none. */
  readonly within: string;
}

/** Family `value`: every value whose form a machine must be able to read. */
export function judgeValues(page: Reading, towns?: Towns): readonly Finding[] {
  const found: Finding[] = [];
  const visited = new Visited(page.items);
  const countries = new Map(
    page.items.flatMap((item) => {
      const country = item.id === null ? '' : countryOfItem(item);
      return country ? [[item.id, country] as const] : [];
    }),
  );
  const visit = (item: ReadItem, surroundings: Surroundings): void => {
    if (!visited.enters(item)) return;
    const ofTwin = (item.id !== null && countries.get(item.id)) || '';
    const country = countryOfItem(item) || ofTwin || surroundings.country;
    const servesArea = valuesOf(item, 'areaServed').length > 0;
    const around = {
      ...surroundings,
      country,
      servesArea,
      ofTwin,
      isNear: towns && hasAddress(item) ? nearAddress(item, towns) : surroundings.isNear,
    };
    for (const property of item.properties) {
      if (property.value.kind === 'item') visit(property.value.item, { ...around, within: property.name });
      else found.push(...judgeProperty(item, property, around));
    }
    found.push(...judgeWhole(item, { ...surroundings, country }));
  };
  for (const item of visited.tops)
    visit(item, { page, country: '', ofTwin: '', isNear: () => true, servesArea: false, within: '' });
  return found;
}

/** An address as something that has it. */
const ofAddress = (item: ReadItem): ReadItem => ({
  ...item,
  properties: [
    { name: 'address', value: { kind: 'item', item }, place: item.place, namePlace: item.typePlace },
  ],
});

const hasAddress = (item: ReadItem): boolean => valuesOf(item, 'address').length > 0;

/** The country (ISO 3166-1 alpha-2) of an item's address, or of an address that stands by itself; '' where it has none. */
export const countryOfItem = remembered((item: ReadItem): string => {
  const isAddress = areOf(item.types, 'PostalAddress');
  if (!isAddress && !hasAddress(item)) return '';
  const { addressCountry } = addressOf(isAddress ? ofAddress(item) : item);
  return countryCode(addressCountry) || countryNamed(addressCountry);
});

/** Whether a point is not further from an item's town and postal code than those reach. */
function nearAddress(item: ReadItem, towns: Towns): Where['isNear'] {
  const address = addressOf(item);
  const country = countryCode(address.addressCountry);
  return (point) => {
    if (towns.beyondPostalCode(point, address.postalCode, country)) return false;
    const beyond = towns.beyondTown(point, address.addressLocality, country);
    // A village of the name may be another than is meant.
    return !beyond || beyond.isSmall;
  };
}

/** Properties that hold addresses, and that the record has no fact for or more than addresses. */
const OTHERS = table({
  photo: 'url',
  map: 'url',
  menu: 'url',
  hasMenu: 'url',
  urlTemplate: 'url',
  item: 'url',
});

/** The kinds of values that are judged alike wherever they stand. */
const JUDGED = table<string>({
  url: 'url',
  urlList: 'url',
  profiles: 'url',
  images: 'url',
});

/** Properties that the page itself may be the value of, so that an empty address is one. */
const OF_THE_PAGE = new Set(['url', 'mainEntityOfPage', 'item', 'isPartOf', 'target']);

/** What sort of value a property holds; its own name where that says it. */
function sortOf(name: string): string {
  const kind = OTHERS[name] ?? propertyKinds.get(name) ?? '';
  if (kind) return JUDGED[kind] ?? kind;
  const { ranges = [] } = propertyNamed(name) ?? {};
  return ranges.length === 1 && ranges[0] === 'URL' ? 'url' : '';
}

function judgeProperty(
  item: ReadItem,
  property: ReadProperty,
  { page, country }: Surroundings,
): readonly Finding[] {
  const { name, value, place } = property;
  const { source, base } = page;
  if (value.kind === 'item') return [];
  const text = value.text.trim();
  if (!text)
    return [
      finding(
        // What publishes pages leaves the description of a site or a picture blank: it is of no business.
        areOf(item.types, 'CreativeWork') ? 'value/null' : 'value/empty',
        `${name} is there, but empty. Leave out what is not known.`,
        place,
        name,
      ),
    ];
  const written = source.slice(value.place.start, value.place.end);
  if (isLinked(value, source) && /^\s*#?\s*$/.test(written) && !OF_THE_PAGE.has(name))
    return [
      finding(
        'value/empty',
        `${name} is there, but the address “${written.trim()}” is this page itself. Leave out what is not known.`,
        place,
        name,
      ),
    ];
  const spot = { item, property, source };
  const unfilled = judgeUnfilled(text);
  if (unfilled.length > 0) return tell(spot, value, unfilled);
  const sort = sortOf(name);
  if (sort === 'telephone') {
    // Words before a number are told as that, with the same mend.
    const faults = judgeMarkupTelephone(text, country).filter(
      ({ code }) => code !== 'value/telephone-country' || !beginsWithWords(text),
    );
    return faults.map(({ code, message }) => {
      const dialled =
        code === 'value/telephone-country'
          ? (readTelephone(text, country).telephone?.international ?? '')
          : '';
      const edits = mendBeside(spot, value, dialled);
      return finding(code, message, value.place, name, { edits, guess: value.holder === 'text' });
    });
  }
  if (name === 'sameAs' && isSubject(item)) {
    const several = addressesIn(text);
    if (several.length > 1) return tellSeveral(spot, value, several);
    return tell(spot, value, judgeProfile(text, textOf(item, 'url'), ownerOf(item)), ({ code }) =>
      code === 'value/url-tracking' ? normaliseProfile(text) : '',
    );
  }
  // A contact point may be reached by a message or a call.
  if (name === 'url' && item.types.includes('ContactPoint') && /^(sms|tel|mailto):/i.test(text)) return [];
  if (sort === 'url') return judgeAddressOf(spot, value, base);
  if (name === 'opens' || name === 'closes') {
    const { time, guess } = hoursEndMeant(item, name, text, page.visible?.text);
    return tellMoment(spot, value, judgeTime(text, time), () => time, guess);
  }
  if (name === 'dayOfWeek') {
    return judgeDayOfWeek(spot, value, isLinked(value, source), { page, country });
  }
  if (name === 'openingHours') return judgeHoursText(spot, value, { page, country });
  if (sort === 'email')
    return tell(spot, value, [...judgeEmail(text), ...judgePlaceholderMail(text)], ({ code }) =>
      code === 'value/placeholder' ? '' : emailMeant(text),
    );
  if (sort === 'dateOrYear' || sort === 'date') {
    if (sort === 'dateOrYear' && isDateOrYear(text)) return [];
    const meant = sort === 'date' ? momentMeant(text) : machineDateOrYear(text);
    return tellMoment(spot, value, judgeDate(text, meant), () => meant);
  }
  if (sort === 'priceRange') return tell(spot, value, judgePriceRange(text, country));
  // A page of a directory may be called “Add your business”.
  const isOfBusiness = isSubject(item) || item.types.includes('PostalAddress');
  return tell(spot, value, judgeText(text, isOfBusiness ? name : undefined));
}

/** An address of the web: a link of the page as it is written, or what JSON says. */
function judgeAddressOf(spot: Standing, value: TextValue, base: string): readonly Finding[] {
  const { source, property } = spot;
  const { name } = property;
  const text = value.text.trim();
  if (value.holder !== 'json' && value.holder !== 'text') {
    const written = source.slice(value.place.start, value.place.end).trim();
    const [link] = judgeLink(written, base, isLinked(value, source));
    if (link)
      return tell(spot, value, [link], () =>
        link.code === 'value/url-relative' ? `https://${written}` : '',
      );
  }
  const embedded = embeddedIn(text);
  if (embedded) {
    const message = `“${shortText(text)}” is the code that shows it on a page, and no address. Write ${embedded}.`;
    return tell(spot, value, [fault('value/url', message)], () => embedded);
  }
  // A menu may be told in words (schema.org/hasMenu).
  if (propertyNamed(name)?.ranges.includes('Text') && !/[/.:]/.test(text)) return [];
  return tell(spot, value, judgeUrl(text), ({ code }) =>
    code === 'value/url' ||
    (code === 'value/url-relative' && (value.holder === 'text' || /^(?:www\.|\/\/|h?t+ps?\W)/i.test(text)))
      ? urlMeant(text)
      : code === 'value/url-relative' && isOwnHost(text, base)
        ? urlMeant(`//${text}`)
        : code === 'value/url-relative' &&
            base &&
            /^(?:\.{0,2}\/(?!\/)|[\w-]+(?:\/[\w.-]+)*\.(?:jpe?g|png|webp|gif|svg|html?|php|pdf)$)/i.test(text)
          ? (parseUrl(text, base)?.href ?? '')
          : '',
  );
}

/** Whether an address without its scheme begins with the host that the page stands on. */
const isOwnHost = (text: string, base: string): boolean => {
  const host = parseUrl(base)?.host ?? '';
  return host !== '' && (text === host || text.startsWith(`${host}/`));
};

function tell(
  standing: Standing,
  value: TextValue,
  faults: readonly Fault[],
  mended?: (one: Fault) => string,
): readonly Finding[] {
  return faults.map((one) =>
    finding(one.code, one.message, value.place, standing.property.name, {
      edits: mendBeside(standing, value, mended?.(one) ?? ''),
    }),
  );
}

/** The addresses that a text is a list of; none where something else stands in it. */
function addressesIn(text: string): readonly string[] {
  const parts = text.split(/[\s,;|]+/).filter(Boolean);
  return parts.length < MOST_IN_TEXT && parts.every((part) => /^https?:\/\/[^/]+\.[^/]/i.test(part))
    ? parts
    : [];
}
const MOST_IN_TEXT = 40;

/** Several values in one text, which JSON has lists for. */
function tellSeveral(
  { source, property }: Standing,
  value: TextValue,
  several: readonly string[],
): readonly Finding[] {
  const { start, end } = value.place;
  const list = several.map(jsonString).join(', ');
  const isInList = /[[,]\s*$/.test(source.slice(Math.max(0, start - 20), start));
  const edits = value.holder === 'json' ? [{ start, end, text: isInList ? list : `[${list}]` }] : null;
  const message = `“${shortText(value.text)}” are several addresses in one text, which lead nowhere together. Give each by itself.`;
  return [finding('value/url', message, value.place, property.name, { edits })];
}

/** The same of a date or a time. What visitors read as it is goes on to stand there, and its machine form beside it. */
function tellMoment(
  standing: Standing,
  value: TextValue,
  faults: readonly Fault[],
  mended: () => string,
  guess = false,
): readonly Finding[] {
  return faults.map(({ code, message }) =>
    finding(code, message, value.place, standing.property.name, {
      edits: momentBeside(standing, value, mended()),
      guess,
    }),
  );
}

/** A host without its scheme: its last part is no ending of files. */
const HOST =
  /^(?:[a-z\d-]+\.){1,3}(?:com|net|org|biz|info|eu|example|de|fr|it|es|pt|nl|be|ch|at|uk|ie|dk|se|no|fi|cz|sk|hu|ro|gr|us|ca|mx|br|ar|jp|kr|cn|tw|in|au|nz|za)\/?$/i;

/**
 * A link without its scheme, which leads to the page's own site, or one that is read against an address nobody told;
 * what a meta element says is no link.
 */
function judgeLink(written: string, base: string, isLink: boolean): readonly Fault[] {
  const text = written.trim();
  if (/^www\.[\w-]+\.\w/i.test(text))
    return [
      fault(
        'value/url-relative',
        `“${text}” has no scheme, so that it leads to a page of this site. Write https://${text}.`,
      ),
    ];
  if (isLink && HOST.test(text))
    return [
      fault(
        'value/url-relative',
        `“${text}” has no scheme, so that it leads to a page of this site. Write https://${text} where another site is meant.`,
      ),
    ];
  // Words where an address belongs; names of files may have blanks.
  if (isLink && /\S\s+\S/.test(text) && !/[/.:#?]/.test(text))
    return [
      fault(
        'value/url',
        `“${shortText(text)}” are words, and no address: the link leads to a page that there is not.`,
      ),
    ];
  if (base || /^[a-z][a-z0-9+.-]*:/i.test(text) || !/^[/.?#\w-]/.test(text) || /\s/.test(text)) return [];
  return [
    fault(
      'value/url-unresolved',
      `“${text}” is read against the page’s address, which is not known here. Give the address to see where it leads.`,
    ),
  ];
}

/** Whether an item is a business or an organisation, whose `sameAs` are profiles. */
/** Whose profiles an item's `sameAs` are. */
const ownerOf = (item: ReadItem): Parameters<typeof judgeProfile>[2] => ({
  isPlace: areOf(item.types, 'Place') || valuesOf(item, 'address').length > 0,
  isOneOfSeveral: valuesOf(item, 'sameAs').length > 1,
});

const isSubject = ({ types }: ReadItem): boolean => areOf(types, 'Organization');

/** Whether a value is what a link leads to, which is read against the page's address. */
const isLinked = ({ holder, place }: TextValue, source: string): boolean =>
  holder !== 'json' &&
  /\b(?:href|src)\s*=\s*["']?$/i.test(source.slice(Math.max(0, place.start - 12), place.start));

/** What only a door has: who comes to customers in an area names the area. */
const DOOR: ReadonlySet<AddressPart> = new Set(['streetAddress', 'postalCode']);

/** Values that only make sense together: a pin, an address. */
function judgeWhole(
  item: ReadItem,
  { country, ofTwin, isNear, page: { source }, servesArea, within }: Surroundings,
): readonly Finding[] {
  if (areOf(item.types, 'GeoCoordinates'))
    return judgeCoordinates(item, { country, isNear }, source).filter(
      // The middle of an area is no door.
      ({ code }) => within !== 'geoMidpoint' || code !== 'value/coordinates-coarse',
    );
  if (areOf(item.types, 'ImageObject')) {
    return (['width', 'height'] as const).flatMap((side) => {
      const size = textOf(item, side).trim();
      if (!size || /^\d+(\.\d+)?( ?px)?$/.test(size)) return [];
      return [
        finding(
          'value/size',
          `“${size}” is no size in pixels. Write a number like 1600.`,
          placeOfText(item, side),
          side,
        ),
      ];
    });
  }
  if (areOf(item.types, 'Rating')) {
    return judgeRatingItem(item, source);
  }
  if (areOf(item.types, 'LocalBusiness') && valuesOf(item, 'aggregateRating').length > 0) {
    return [
      finding(
        'guideline/self-rating',
        'Search engines show no ratings that a business gives itself on its own site.',
        placeOfText(item, 'aggregateRating'),
        'aggregateRating',
      ),
    ];
  }
  if (areOf(item.types, 'PostalAddress')) {
    const address = addressOf(ofAddress(item));
    const written = textOf(item, 'addressCountry').trim();
    const parts = judgeAddress({ ...address, addressCountry: written || address.addressCountry });
    const meant = propertiesMeant(item);
    const isArea = servesArea && !address.streetAddress.trim();
    const held = heldElsewhere(item, countryCode(address.addressCountry));
    const missed = (part: AddressPart, code: Fault['code']): boolean =>
      code === 'value/address-part' &&
      ((isArea && DOOR.has(part)) ||
        meant.has(part) ||
        held.has(part) ||
        (part === 'addressCountry' && ofTwin !== ''));
    return parts
      .filter(({ part, code }) => !missed(part, code))
      .map(({ part, code, message }) =>
        finding(code, message, placeOfText(item, part), part, {
          edits: mendPart(item, part, code, countryCode(address.addressCountry), source),
          guess: code === 'value/postal-code',
        }),
      );
  }
  return [];
}

function mendPart(
  item: ReadItem,
  part: AddressPart,
  code: Fault['code'],
  country: string,
  source: string,
): readonly Edit[] | null {
  const [value] = valuesOf(item, part);
  if (value?.kind !== 'text') return null;
  if (code === 'value/country') {
    const meant = countryCode(value.text) || countryNamed(value.text);
    const property = item.properties.find(({ name }) => name === part);
    return property ? mendBeside({ item, property, source }, value, meant) : null;
  }
  if (code !== 'value/postal-code') return null;
  return instead(
    value,
    postalCodeMeant(value.text, { country, region: textOf(item, 'addressRegion'), source }),
  );
}
