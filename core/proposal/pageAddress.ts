import { addressParts, countryCode, readAddress, streetKinds, type Address } from '#core/address';
import { isRegistered, numbersIn, telephonesAmong } from '#core/agreement';
import { textContent, type HtmlDocument, type HtmlElement, languageOfDocument } from '#core/html';
import { weeksIn } from '#core/hours';
import { emailsIn, parseUrl } from '#core/link';
import { readTelephone } from '#core/phone';
import { westernDigits } from '#core/text';

/** A line of a page with where it stands. */
export interface Line {
  readonly text: string;
  readonly where: string;
}

/** Countries whose pages are written in a language (ISO 639-1 and 3166-1), the likeliest first; English says nothing. */
const OF_LANGUAGE: Readonly<Record<string, string>> = {
  bg: 'BG',
  ca: 'ES',
  cs: 'CZ',
  da: 'DK',
  de: 'DE AT CH',
  el: 'GR CY',
  es: 'ES MX AR CL CO PE',
  et: 'EE',
  eu: 'ES',
  fi: 'FI',
  fr: 'FR BE CH CA LU',
  ga: 'IE',
  gl: 'ES',
  he: 'IL',
  hr: 'HR',
  hu: 'HU',
  id: 'ID',
  is: 'IS',
  it: 'IT CH',
  ja: 'JP',
  ko: 'KR',
  lt: 'LT',
  lv: 'LV',
  mt: 'MT',
  nb: 'NO',
  nl: 'NL BE',
  nn: 'NO',
  no: 'NO',
  pl: 'PL',
  pt: 'PT BR',
  ro: 'RO MD',
  ru: 'RU',
  sk: 'SK',
  sl: 'SI',
  sr: 'RS',
  sv: 'SE FI',
  th: 'TH',
  tr: 'TR',
  uk: 'UA',
  vi: 'VN',
  zh: 'CN TW HK',
};

/**
 * The countries that a page may be of (ISO 3166-1 alpha-2), the likeliest first: what its language or its domain names,
 * what its numbers with a country code dial, and those that write its language; '' last, for one that the address names.
 */
export function countriesOfPage(
  { elements }: HtmlDocument,
  base: string,
  lines: readonly Line[],
): readonly string[] {
  const [, tongue = '', region = ''] =
    /^([a-z]{2,3})(?:-[a-z]{4})?(?:-([a-z]{2})\b)?/i.exec(languageOfDocument({ elements })) ?? [];
  const domain = parseUrl(base)?.hostname.split('.').at(-1) ?? '';
  const numbers = [
    ...elements.flatMap(({ attributes }) =>
      /^tel:/i.test(attributes['href'] ?? '') ? [attributes['href'] ?? ''] : [],
    ),
    ...lines.flatMap(({ text }) => /\+\d[\d ()/.-]{7,20}/.exec(text)?.[0] ?? []),
  ];
  const dialled = numbers
    .slice(0, MOST_NUMBERS)
    .map((number) => readTelephone(number).telephone?.country ?? '');
  return [
    ...new Set([
      countryCode(region),
      domain === 'uk' ? 'GB' : domain.length === 2 ? countryCode(domain) : '',
      ...dialled,
      ...(OF_LANGUAGE[tongue.toLowerCase()] ?? '').split(' '),
    ]),
  ]
    .filter(Boolean)
    .concat('');
}
const MOST_NUMBERS = 20;

/** An address that a page shows, and where. */
export interface FoundAddress {
  readonly parts: Address;
  readonly where: string;
}

/**
 * The address that a page shows: in an element that says so, or in the lines that end in a town with its postal code, in
 * the first of the countries whose form it has. `countries` are alpha-2, '' for one that it names itself.
 */
export function findAddress(
  document: HtmlDocument,
  lines: readonly Line[],
  countries: readonly string[],
): FoundAddress | undefined {
  const candidates = candidatesIn(document, lines);
  let best: (FoundAddress & { readonly points: number }) | undefined;
  for (const [at, country] of countries.entries()) {
    // No later one can have more that speaks for it.
    if (best && best.points >= MOST_POINTS - at / 10) break;
    for (const { text, where, isNamed } of candidates) {
      const parts = addressIn(text, country, isNamed);
      if (!parts) continue;
      const points = pointsOf(parts, lines) - at / 10;
      if (!best || points > best.points) best = { parts, where, points };
      break;
    }
  }
  return best;
}

/** How much speaks for an address in its country: the numbers of the page that are dialled there. */
function pointsOf({ addressCountry }: Address, lines: readonly Line[]): number {
  const dialled = lines
    .slice(0, MOST_LINES)
    .filter(
      ({ text }) =>
        text.length < LONGEST && telephonesAmong(numbersIn(westernDigits(text)), addressCountry).length > 0,
    );
  return Math.min(MOST_POINTS, dialled.length);
}
const MOST_LINES = 400;
const MOST_POINTS = 2;

interface Candidate extends Line {
  /** Whether the page says that it is an address: then one without a postal code will do. */
  readonly isNamed: boolean;
}

/** No address with what stands round it is longer. */
const LONGEST = 250;

function candidatesIn({ elements }: HtmlDocument, lines: readonly Line[]): readonly Candidate[] {
  const candidates: Candidate[] = [];
  for (const element of elements) {
    const isNamed = element.name === 'address' || ADDRESS_CLASS.test(element.attributes['class'] ?? '');
    if (isNamed && !element.inert && textContent(element).length < 2 * LONGEST)
      candidates.push({ text: spacedText(element), where: 'address element', isNamed });
  }
  for (const [at, { text, where }] of lines.entries()) {
    const before = [lines[at - 2], lines[at - 1]].flatMap((line) => line?.text ?? []);
    candidates.push({ text, where, isNamed: false });
    for (let take = 1; take <= before.length; take += 1)
      if (before.slice(-take).every((line) => line.length < 80))
        candidates.push({ text: [...before.slice(-take), text].join(', '), where, isNamed: false });
  }
  // A sentence that ends with the address comes before the whole line.
  const sentences = candidates.flatMap((one) =>
    one.text.split(SENTENCE_END).map((text) => ({ ...one, text })),
  );
  return [...sentences, ...candidates].filter(({ text }) => text.length <= LONGEST && /\p{Nd}/u.test(text));
}

/** The end of a sentence, or of a postal code with a number behind it; no abbreviation before a house number. */
const SENTENCE_END =
  /(?<=\p{L}{4}|\d{4}|\d\p{Lu}{2})\.\s+(?=\p{Lu})|(?<=\d{4}|\d\p{Lu}{2})\.\s+(?=[(+\d])|[!?]\s+/u;

/** Classes of elements that hold an address, in the words of the languages that pages are made in. */
const ADDRESS_CLASS =
  /(?:^|[\s_-])(?:adr|address|anschrift|adresse|adres|indirizzo|direccion|endereco|adresa)(?:$|[\s_-])/i;

/** What begins a telephone number, an email address or a link behind an address. */
const BEHIND =
  /[\s,;·•|–-]*(?:(?<!\p{L})(?:tele\p{L}*|tel|tél\p{L}*|phone|ph|mob\p{L}*|fax|puh\p{L}*|tlf|tfn|call|ring|whatsapp|e-?mails?|mail|τηλ\p{L}*|тел\p{L}*)[\s.:]*(?=[+(\d]|\p{L}*@|$)|☎|📞|✉|電話|电话|전화|โทร|טל|هاتف|https?:|www\.).*$/iu;

/** What says that an address follows. */
const ADDRESS_LABEL =
  /^(?:地址|住所|所在地|주소|ที่อยู่|כתובת|العنوان|alamat|địa chỉ|address|adresse|anschrift|dirección|indirizzo|adres|endereço|morada|adress|osoite|adresa|cím|διεύθυνση|адрес|адреса)\s*[:：]\s*/iu;

/** Words before the address: "Visit us at:", "Adresse:"; but "No: 12" is part of it. */
const LABEL = /^\p{L}[\p{L}\s’'-]{2,39}(?<!\b(?:no|nr|kat|apt|km))[:：]\s*/iu;

/** The address that a text ends with; undefined where it has no street, town and postal code that are certain. */
function addressIn(text: string, country: string, isNamed: boolean): Address | undefined {
  const western = westernDigits(text);
  const pieces = western
    .replace(ADDRESS_LABEL, '')
    .split(/\s*[|·•]\s*|(?<=\d)\s*,\s*(?=\p{Lu}[\p{L}.-]{1,12}[\s:.]*\d{6})/u)
    .filter((piece) => !isBeside(piece));
  const written = pieces
    .join(', ')
    .replace(LABEL, '')
    .replace(BEHIND, '')
    .replace(/[\s,.–-]+$/, '');
  const { address } = readAddress(written, country);
  if (
    !address.addressLocality ||
    !address.addressCountry ||
    (!address.postalCode && !isNamed && !ADDRESS_LABEL.test(western))
  )
    return undefined;
  if (addressParts.some((part) => address[part].length > LONGEST_PART || emailsIn(address[part]).length > 0))
    return undefined;
  // Towns are written with a capital where there are any, and no sentence is one.
  if (/\d{4}|^\p{Ll}(?!['’]|\p{Ll}{1,2} \p{Lu})/u.test(address.addressLocality)) return undefined;
  const streetAddress = streetOf(address.streetAddress, address.addressCountry);
  return streetAddress ? { ...address, streetAddress } : undefined;
}
const LONGEST_PART = 90;

/** Whether a piece of a line is a telephone number, an email address or hours. */
const isBeside = (piece: string): boolean =>
  /^(?:©|\(c\)\s)/i.test(piece) ||
  emailsIn(piece).length > 0 ||
  weeksIn(piece).weeks.length > 0 ||
  (/^[^\p{L}]*$/u.test(piece) && piece.replace(/\D/g, '').length >= FEWEST_OF_NUMBER) ||
  /^\p{L}[\p{L}.: ]{0,20}[+(\d][\d\s()/.-]{6,}$/u.test(piece) ||
  (/\d/.test(piece) && isRegistered(piece, piece.search(/\d/)));
const FEWEST_OF_NUMBER = 7;

/** A piece that begins as a street does in the countries that write its number behind a comma, or a box. */
const STREET_WORD = new RegExp(
  `^(?:${streetKinds}|\\d+)(?:\\s|$|,|(?<=\\.)(?=\\S))|^p\\.?\\s?o\\.?\\s+box`,
  'iu',
);

/** Words of a sentence before a street that begins with its kind or number: "Ci trovate in Via Roma", "Estamos en C/ Mayor". */
const INTRODUCTION = new RegExp(
  `^\\p{L}[\\p{L} ’']{2,30}\\s(?:in|en|a|at|on|na|em|no|au|à|bei|presso)\\s(?=(?:${streetKinds}|\\d)(?:[\\s./]|$))`,
  'iu',
);

/** The street without what stands before it ("Visit us at", the name); '' where no piece is one. */
function streetOf(written: string, country: string): string {
  const pieces = written.split(', ');
  const from = pieces.findIndex(
    (piece) => (/\d/.test(piece) && /\p{L}/u.test(piece)) || STREET_WORD.test(piece),
  );
  // A number by itself belongs to the street before it.
  const alone = pieces.findIndex(
    (piece) => /^\d+[a-z]?(?:[/-]\d+)?\b/i.test(piece) && !/\p{L}{3}/u.test(piece),
  );
  const start = from < 0 && alone > 0 ? alone - 1 : alone > 0 && alone <= from ? alone - 1 : from;
  if (start < 0) return '';
  const street = pieces.slice(start).join(', ').replace(INTRODUCTION, '');
  return telephonesAmong(numbersIn(street), country).some(({ text }) => text.length >= street.length - 4)
    ? ''
    : street;
}

/** The text of an element with its blocks and breaks as commas. */
function spacedText(element: HtmlElement): string {
  const parts: string[] = [];
  const visit = (node: HtmlElement): void => {
    for (const child of node.children) {
      if (child.kind === 'text') parts.push(child.text.replace(/\s+/g, ' '));
      else {
        if (/^(br|p|div|li|h\d)$/.test(child.name)) parts.push(', ');
        visit(child);
      }
    }
  };
  visit(element);
  return parts
    .join('')
    .replace(/(\s*,\s*)+/g, ', ')
    .replace(/^[\s,]+|[\s,]+$/g, '');
}
