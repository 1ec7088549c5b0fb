import {
  addressParts,
  asPostPrints,
  countryCode,
  countryInOwnWords,
  countryName,
  namesOfTown,
  postBoxWords,
  postalCodes,
  readAddress,
  readTownLine,
  regionNamed,
  type Address,
  type AddressPart,
} from '#core/address';
import { finding, shortText, type Finding } from '#core/fault';
import { textOf, valuesOf, type ReadItem } from '#core/item';
import { readTelephone } from '#core/phone';
import { escapePattern, fold, jsonString, type Edit } from '#core/text';
import { areOf } from '#core/vocabulary';
import { besidesStreet, insteadOfStreet } from './notAStreet.ts';
import { tell, type Spot } from './spot.ts';

/** No part of an address is so long; one that is is not looked for in another. */
const LONGEST_PART = 100;

/** A longer text is more than a street, whatever it holds. */
const LONGEST_STREET = 500;

const BOX = new RegExp(`^(?:${postBoxWords})(?!\\p{L})`, 'iu');

/** Parts that an address has but once, and what people call several of them. */
const SINGLE = [
  ['addressLocality', 'towns'],
  ['postalCode', 'postal codes'],
  ['addressRegion', 'regions'],
  ['addressCountry', 'countries'],
] as const;

/** One address with several towns, codes, regions or countries: of several houses, or of several names for one. */
export function judgeSeveral(item: ReadItem, country: string): readonly Finding[] {
  if (!item.types.includes('PostalAddress')) return [];
  return SINGLE.flatMap(([name, called]) => {
    const [first, ...others] = valuesOf(item, name).flatMap((value) =>
      value.kind === 'text' ? [value] : [],
    );
    const nameOf = (text: string): string =>
      fold(
        (name === 'addressLocality' ? namesOfTown(text, country)[0] : undefined) ??
          (name === 'addressRegion' ? regionNamed(text, country)?.code : undefined) ??
          (name === 'addressCountry' ? countryCode(text) : undefined) ??
          text,
      );
    const other = first && others.find(({ text }) => nameOf(text) !== nameOf(first.text));
    if (!first || !other) return [];
    const message = `This address has several ${called}, “${shortText(first.text)}” and “${shortText(other.text)}”. Give each house an address of its own.`;
    return [finding('value/address-several', message, other.place, name)];
  });
}

/** "Tel. 030 901820" in a text, or a telephone number of its country behind a comma or dash, "12 Row, 01872 271234". */
export const holdsTelephone = (text: string, country: string): boolean =>
  /\b(?:tel|phone|tél|telefon|fon|fax)\b\.?:?\s*\+?[\d(]/i.test(text) ||
  text
    .split(/[,;|\n]|\s[-–—]\s/)
    .slice(1)
    .some(
      (piece) =>
        /^[\s+(]*\d[\d\s()./-]{5,24}$/.test(piece) &&
        piece.replace(/\D/g, '').length > 6 &&
        !postalCodes[country]?.pattern.test(piece.trim()) &&
        readTelephone(piece, country).telephone !== undefined,
    );

export function judgeStreet(spot: Spot): readonly Finding[] {
  const { text, item, country } = spot;
  if (text.length > LONGEST_STREET) return [moreThanAStreet(spot)];
  const instead = insteadOfStreet(text, country);
  if (instead) return [tell(spot, 'value/street', instead)];
  if (BOX.test(text))
    return [
      tell(
        spot,
        'value/po-box',
        `“${text}” is a post office box, where no visitor goes. It belongs into postOfficeBoxNumber; the street is where the door is.`,
      ),
    ];
  const part = (name: string): string => textOf(item, name).trim();
  const holds = (other: string): boolean =>
    other.length > 2 &&
    other.length < LONGEST_PART &&
    new RegExp(String.raw`[,;\n]\s*(?:[\w-]+ )?${escapePattern(other)}\s*(?:$|[,;\n\d])`, 'iu').test(text);
  const [town, postcode] = [part('addressLocality'), part('postalCode')];
  if (holdsTelephone(text, country))
    return [
      tell(
        spot,
        'value/street',
        `“${shortText(text)}” holds a telephone number. It has a property of its own.`,
      ),
    ];
  const behindName = withoutName(spot);
  if (behindName)
    return [
      tell(
        spot,
        'value/street',
        `“${shortText(text)}” begins with the name of the business. Write the street alone: ${behindName}.`,
        behindName,
      ),
    ];
  // Names of countries take a while to open, and one line alone holds none.
  const names =
    country && /[,;\n]/.test(text) ? [country, countryName(country), countryInOwnWords(country)] : [];
  if (
    (postcode.length > 3 &&
      postcode.length < LONGEST_PART &&
      new RegExp(String.raw`[,;\n ]${escapePattern(postcode)}(?!\d)`, 'i').test(text)) ||
    (holds(town) && /[,;\n]/.test(text)) ||
    names.some((name) => name.length > 3 && holds(name)) ||
    /,\s*(?:U\.?S\.?A\.?|U\.?K\.?|United States(?: of America)?|England|Scotland|Wales)$/.test(text) ||
    (!/^(?:US|CA)$/.test(country) && /,\s*\d{5}\s+\p{L}{3,}/u.test(text))
  )
    return [moreThanAStreet(spot)];
  if (wholeInStreet(item, country).postalCode) return [moreThanAStreet(spot)];
  const besides = besidesStreet(text, country, town);
  return besides ? [tell(spot, 'value/street', besides)] : [];
}

/** The street behind the name of the business, "Larch Café, 12 Row"; '' where it is none, as behind that of a house. */
function withoutName({ text, owner }: Spot): string {
  const [, name = '', street = ''] = /^([^,;\n]{3,80})\s*[,;\n]\s*(\S.*)$/s.exec(text) ?? [];
  const isOwn = owner !== undefined && name !== '' && fold(textOf(owner, 'name')) === fold(name);
  return isOwn && /\d/.test(street) ? street : '';
}

/** What a street says besides, as the parts of an address: only what can be read in one way. */
function partsOfStreet(text: string, country: string): Readonly<Partial<Address>> {
  if (!/[,;\n]/.test(text) || text.length > LONGEST_WHOLE) return {};
  const { address, doubts } = readAddress(text, country);
  return doubts.length === 0 && address.streetAddress && address.addressLocality ? address : {};
}
const LONGEST_WHOLE = 200;

/** The parts of an address whose street holds town and postal code, which it has not by themselves; none otherwise. */
function wholeInStreet(item: ReadItem, country: string): Readonly<Partial<Address>> {
  if (textOf(item, 'addressLocality').trim() || textOf(item, 'postalCode').trim()) return {};
  const parts = partsOfStreet(textOf(item, 'streetAddress'), country);
  return parts.postalCode ? parts : {};
}

/** A region with the postal code behind it, "IL 62701", where the code stands nowhere else; undefined otherwise. */
export function codeBehindRegion(
  item: ReadItem,
  country: string,
): { readonly region: string; readonly code: string } | undefined {
  const [, region = '', code = ''] =
    /^(\p{L}[\p{L} .]{0,40}?),?\s+(\d{4,6}(?:-\d{3,4})?|[A-Z]\d[A-Z] ?\d[A-Z]\d)$/u.exec(
      textOf(item, 'addressRegion').trim(),
    ) ?? [];
  const own = textOf(item, 'postalCode').trim();
  const isCode = code !== '' && postalCodes[country]?.pattern.test(code);
  return isCode && (own === '' || own === code) && regionNamed(region, country)
    ? { region, code }
    : undefined;
}

/** What the town of an address holds besides: see `readTownLine`. */
export const readTown = (item: ReadItem, country: string): Readonly<Partial<Address>> | undefined =>
  readTownLine(textOf(item, 'addressLocality'), country, {
    postalCode: textOf(item, 'postalCode'),
    addressRegion: textOf(item, 'addressRegion'),
  });

/** The parts of an address that stand in another one of it, where that is told. */
export function heldElsewhere(item: ReadItem, country: string): ReadonlySet<AddressPart> {
  const street = wholeInStreet(item, country);
  const inStreet = addressParts.filter((part) => part !== 'streetAddress' && street[part]);
  const town = readTown(item, country);
  const inTown = addressParts.filter((part) => part !== 'addressLocality' && town?.[part]);
  const inRegion = codeBehindRegion(item, country) ? (['postalCode'] as const) : [];
  return new Set([...inStreet, ...inTown, ...inRegion]);
}

/** A street with the rest of the address behind it. Where all of that can be read in one way the mend takes it apart. */
function moreThanAStreet(spot: Spot): Finding {
  const { text, item, value, property, country } = spot;
  const parts = partsOfStreet(text, country);
  const [street = '', own] = [parts.streetAddress, (part: AddressPart) => textOf(item, part).trim()];
  const others = addressParts.filter((part) => part !== 'streetAddress' && parts[part]);
  const isSame = (part: AddressPart): boolean =>
    fold(own(part)) === fold(parts[part] ?? '') ||
    (part === 'addressCountry' && countryCode(own(part)) === parts[part]);
  const isRight = street !== '' && others.every((part) => own(part) === '' || isSame(part));
  const more = others
    .filter((part) => own(part) === '')
    .map((part) => `, ${jsonString(part)}: ${jsonString(parts[part] ?? '')}`);
  const { start, end } = value.place;
  return finding(
    'value/street',
    `“${shortText(text)}” is more than a street. Town, postal code and country have properties of their own.`,
    value.place,
    property.name,
    {
      edits:
        value.holder === 'json' && isRight
          ? [{ start, end, text: jsonString(street) + more.join('') }]
          : null,
      guess: true,
    },
  );
}

/** A postal code that is right but for what its post prints between its signs. */
export function judgePostalForm(spot: Spot): readonly Finding[] {
  const printed = asPostPrints(spot.text, spot.country);
  if (!printed) return [];
  const message = `“${spot.text}” is written ${printed} by the post of ${countryName(spot.country)}.`;
  return [tell(spot, 'value/postal-code-form', message, printed)];
}

export const isRegion = (text: string, region: string): boolean => fold(text) === fold(region);

export function judgeWholeAddress(spot: Spot): readonly Finding[] {
  // An element that lost its itemscope is told as that.
  if (/\sitemtype\s*=/i.test(spot.tag)) return [];
  if (!areOf(spot.item.types, 'Organization', 'Place')) return [];
  return [
    finding(
      'guideline/address-text',
      `The address is one text, “${shortText(spot.text)}”. Machines want it in parts: a PostalAddress with street, town, postal code and country.`,
      spot.value.place,
      spot.property.name,
      { edits: inParts(spot), guess: true },
    ),
  ];
}

/** The text of JSON-LD as a PostalAddress, where it can be read in one way only; null where people must look. */
function inParts({ text, item, value }: Spot): Edit[] | null {
  if (value.holder !== 'json') return null;
  const { telephone } = readTelephone(textOf(item, 'telephone'));
  const { address, doubts } = readAddress(text, telephone?.country);
  if (doubts.length > 0 || !address.streetAddress || !address.addressLocality) return null;
  const parts = addressParts.flatMap((part) =>
    address[part] ? `${jsonString(part)}: ${jsonString(address[part])}` : [],
  );
  const { start, end } = value.place;
  return [{ start, end, text: `{ "@type": "PostalAddress", ${parts.join(', ')} }` }];
}
