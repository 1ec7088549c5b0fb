import {
  countriesWithRegion,
  countryCode,
  countryName,
  countryNamed,
  postalCodes,
  regionAgainstCode,
  regionsApartOf,
  regionNamed,
  regionsOf,
  regionsOfPostalCode,
  regionsOfPostalCodes,
} from '#core/address';
import { finding, shortText, type Finding } from '#core/fault';
import { textOf } from '#core/item';
import { fold, jsonString } from '#core/text';
import { nearestName } from '#core/vocabulary';
import { codeBehindRegion, isRegion } from './senseOfAddress.ts';
import { tell, type Spot } from './spot.ts';

/** Addresses of a country's forces abroad, which the post treats as a state. */
const FORCES = /^(?:AA|AE|AP)$/;

/** A region that its country does not have. */
function unknownRegion(spot: Spot): readonly Finding[] {
  const { text, country } = spot;
  const regions = regionsOf(country);
  if (regions.length === 0 || regionNamed(text, country) || (country === 'US' && FORCES.test(text)))
    return [];
  const begun = regions.filter(({ name }) => fold(name).startsWith(fold(text)));
  const near = nearestName(
    text,
    regions.map(({ name }) => name),
  );
  const [meant] = begun.length === 1 ? begun : regions.filter(({ name }) => name === near);
  const write = meant ? ` Write ${meant.code} for ${meant.name}.` : '';
  return [
    tell(
      spot,
      'value/region',
      `“${shortText(text)}” is no region of ${countryName(country)}.${write}`,
      meant?.code ?? '',
      true,
    ),
  ];
}

/**
 * The regions of a postal code by their codes, where they have some; the names beside those are theirs. Else by those of
 * their names that are written in the letters of `text`, without the shorter ones of the same.
 */
function regionsApart(postcode: string, country: string, text: string): readonly string[] {
  const isLatin = (name: string): boolean => /\p{Script=Latin}/u.test(name);
  const apart = regionsApartOf(postcode, country);
  if (apart.length > 0)
    return apart.map((names) => names.find((name) => isLatin(name) === isLatin(text)) ?? names[0] ?? '');
  const all = regionsOfPostalCode(postcode, country);
  const codes = all.filter(isCode);
  if (codes.length > 0) return codes;
  const alike = all.filter((name) => isLatin(name) === isLatin(text));
  const longest = alike.filter((name) => !alike.some((other) => other !== name && other.includes(name)));
  return longest.length > 0 ? longest : all;
}

function regionWithCode(
  { text, item, value: { holder, place }, property }: Spot,
  { region, code }: { readonly region: string; readonly code: string },
): Finding {
  const more = textOf(item, 'postalCode').trim() ? '' : `, "postalCode": ${jsonString(code)}`;
  return finding(
    'value/region',
    `“${text}” holds the postal code as well, which has a property of its own. Write the region alone: ${region}.`,
    place,
    property.name,
    {
      edits:
        holder === 'json' ? [{ start: place.start, end: place.end, text: jsonString(region) + more }] : null,
    },
  );
}

/** Nothing longer is looked for among regions. */
const LONGEST_REGION = 500;

/** A region that the postal code is not of, or that is none. */
export function judgeRegion(spot: Spot): readonly Finding[] {
  const { text, item, country } = spot;
  if (text.length > LONGEST_REGION) return [];
  const held = codeBehindRegion(item, country);
  if (held) return [regionWithCode(spot, held)];
  const whole = moreThanARegion(spot);
  if (whole) return whole;
  const unknown = unknownRegion(spot);
  if (unknown.length > 0) return unknown;
  const postcode = textOf(item, 'postalCode').trim();
  // What is no code of the country is told as that, and says nothing of a region.
  if (postalCodes[country]?.pattern.test(postcode) === false) return [];
  const against = regionAgainstCode(postcode, text, country);
  if (against === 'its own') return [];
  if (against === 'unknown') return misspelt(spot, postcode);
  const [meant = '', ...others] = regionsOfPostalCode(postcode, country);
  const code = isCode(meant) && others.length === 0 ? meant : '';
  return [
    tell(
      spot,
      'value/region',
      `The postal code ${postcode} is of ${regionsApart(postcode, country, text).join(' or ')}, and the region says “${text}”. One of them is wrong.`,
      code,
      true,
    ),
  ];
}

/** A postal code of another region than the one that the town is named as: "21000 Zagreb". */
export function judgeCodeOfTown({ text, item, country, property, value }: Spot): readonly Finding[] {
  const [town, region] = [textOf(item, 'addressLocality').trim(), textOf(item, 'addressRegion').trim()];
  const isSame = (one: string): boolean => fold(one) === fold(town);
  // A village may be named as a region is, and a region that is said says which.
  if (town.length < SHORTEST_TOWN || region || isCode(town)) return [];
  const possible = regionsOfPostalCode(text, country);
  if (possible.length === 0 || possible.some(isSame)) return [];
  if (postalCodes[country]?.pattern.test(text) === false) return [];
  if (!regionsOfPostalCodes(country).some(isSame)) return [];
  const message = `The postal code ${text} is of ${regionsApart(text, country, town).join(' or ')}, and the town says “${shortText(town)}”. Unless another place of that name is meant, one of them is wrong.`;
  return [finding('value/postal-code-elsewhere', message, value.place, property.name)];
}
const SHORTEST_TOWN = 4;

/** Countries whose regions' codes are all in the table, two capitals each. */
const CODED = new Set(['BR', 'IT']);

/** The letters of a name, whether it has marks or an E in their place: "Baden-Wuerttemberg", "Ile de France". */
const lettersAlone = (name: string): string =>
  fold(name)
    .replace(/([aou])e/g, '$1')
    .replace(/[^\p{L}]/gu, '');

/** A region of no name that the country has: nearly one that the postal code is of, or a code of none. */
function misspelt(spot: Spot, postcode: string): readonly Finding[] {
  const { text, country } = spot;
  const near = nearestName(text, regionsOfPostalCode(postcode, country));
  const isNoCode = CODED.has(country) && /^[A-Z]{2}$/.test(text);
  const elsewhere = near ? [] : countriesWithRegion(text);
  if (elsewhere.length > 0 && !elsewhere.includes(country)) {
    const message = `“${shortText(text)}” is a region of ${elsewhere.map(countryName).join(' and ')}, and the address is in ${countryName(country)}. One of them is wrong.`;
    return [tell(spot, 'value/region', message)];
  }
  if ((!near && !isNoCode) || (near && lettersAlone(near) === lettersAlone(text))) return [];
  return [
    tell(
      spot,
      'value/region',
      `“${shortText(text)}” is no region of ${countryName(country)}.${near ? ` Write ${near}.` : ''}`,
      isNoCode ? '' : near,
      true,
    ),
  ];
}

/** Towns and districts of Japan, which stand under a prefecture. */
const UNDER_PREFECTURE = /^(?!.*[都道府県]).*[市区町村]$/u;

const isCode = (name: string): boolean => /^[A-Z]{2,3}$/.test(name);

/**
 * A region with its country, its town or its code in one text: "Victoria, Australia", "Paraná - PR". None where it has
 * its names in two languages, as Südtirol does; undefined for any other text.
 */
function moreThanARegion(spot: Spot): readonly Finding[] | undefined {
  const { text, item, country } = spot;
  if (country === 'JP' && UNDER_PREFECTURE.test(text.trim()))
    return [
      tell(
        spot,
        'value/region',
        `“${shortText(text)}” is a town or a district. The region is the prefecture around it.`,
      ),
    ];
  const ofCode = regionsOfPostalCode(textOf(item, 'postalCode').trim(), country);
  const isKnown = (name: string): boolean =>
    regionNamed(name, country) !== undefined || ofCode.some((one) => isRegion(one, name));
  if (country && isCode(text) && countryCode(text) === country && !isKnown(text) && country !== 'MX') {
    const message = `“${text}” is the code of the country, which has a property of its own, and no region of it.`;
    return [tell(spot, 'value/region', message)];
  }
  const pieces = text.split(/\s+[-–—]\s+|\s*[,;/()]\s*/).filter(Boolean);
  if (pieces.length < 2 || pieces.length > 4 || isKnown(text)) return undefined;
  const named = pieces.filter(isKnown);
  const codes = new Set(
    named.map((name) => regionNamed(name, country)?.code ?? (ofCode.length > 0 ? 'of the code' : name)),
  );
  const [first = ''] = named;
  const isOther = (piece: string): boolean =>
    countryNamed(piece) === country || isRegion(piece, textOf(item, 'addressLocality').trim());
  if (codes.size !== 1 || !pieces.every((piece) => isKnown(piece) || isOther(piece))) return undefined;
  if (!pieces.some((piece) => !isKnown(piece) || isCode(piece))) return [];
  const region = named.find(isCode) ?? first;
  const message = `“${shortText(text)}” is more than a region. Town and country have properties of their own. Write ${region}.`;
  return [tell(spot, 'value/region', message, region)];
}
