import { postBoxWords } from '#core/address';
import { readTelephone, sharesNumbers, type Telephone } from '#core/phone';

interface Span {
  readonly start: number;
  readonly end: number;
}

/** A telephone number as it is shown. */
export interface Shown {
  readonly text: string;
  readonly e164: string;
  readonly at: Span;
}

/** What people put between the digits of a number, in full width too, as East Asian pages do. */
const BETWEEN =
  '\\d ().\\u2000-\\u200a\\u202f\\u205f\\u2010-\\u2015\\u2212\\u3000\\u30fc\\uff08\\uff09\\uff0d\\uff0e\\uff0f\\u00a0-';
const ONE = `[+(\\uff0b\\uff08]?\\d[${BETWEEN}]{5,20}\\d(?!\\w)`;
/** What stands between two numbers: a stroke, or a dash with blanks round it. */
const PARTING = '\\s?/\\s?|\\s[\\u2010-\\u2013-]\\s';

/** Several numbers with a stroke or a dash between them, or one, which may have a stroke in it. */
const NUMBER = new RegExp(
  `(?<![\\w.])(?:${ONE}(?:(?:${PARTING})${ONE}){1,3}|[+(\\uff0b\\uff08]?\\d[/${BETWEEN}]{5,22}\\d(?!\\w))`,
  'g',
);
const PARTED = new RegExp(PARTING, 'g');

/** From one time to another, as much of the world writes them: "11.30–14.30", "6–17.30". */
const TIMES = /^\d{1,2}(?:\.\d{2})?\s*[\u2010-\u2013-]\s*\d{1,2}(?:\.\d{2})?$/;

const DAY = '(?:\\d{1,2}[./-]\\d{1,2}[./-](?:19|20)\\d{2}|(?:19|20)\\d{2}[./-]\\d{1,2}[./-]\\d{1,2})';
/** A date that has as many digits as a number, perhaps with a time or until another: "24.12.2026 13", "2026-12-24". */
const DATE = new RegExp(
  `^${DAY}(?:[\\s,\u2010-\u2013-]{1,4}(?:${DAY}|\\d{1,2}(?:\\.\\d{2}){0,2}))?$|^(?:19|20)\\d\\d[01]\\d[0-3]\\d \\d\\d$`,
);

/** What numbers of registers, taxes and accounts are called in the countries that ask pages to show them. */
const REGISTERS =
  'p\\.? ?iva|partita iva|c\\.?f|rea|vat|v\\.a\\.t|tva|tax id|ein|abn|acn|gst\\p{L}*|pan|cin|uen|siren|siret|rcs|naf|ape|kvk|btw|rsin|cif|nif|nipc|cnpj|cpf|' +
  'ie|rfc|cuit|cuil|rut|ruc|nit|nip|regon|krs|ičo?|dič|ič dph|adószám|cégjegyzékszám|cui|cif|reg\\.? ?com|oib|mbs|pib|mb|org\\.? ?-?nr|orgnr|organisasjonsnummer|organisationsnummer|cvr|se-?nr|' +
  'y-tunnus|hrb|hra|fn|uid|ust\\.?-?id\\.?(?:-?nr)?|ust-?idnr|umsatzsteuer\\p{L}*|steuernummer|st\\.?-?nr|mwst|che|iban|bic|konto(?:nr|nummer)?|blz|sort code|account no|' +
  'registered(?: \\p{L}+){0,4}|registration|reg\\.?|company|charity|licen[cs]e|npi|инн|кпп|огрн\\p{L}*|єдрпоу|едрпоу|еик|бин|αφμ|γεμη|δοу|사업자(?:등록번호)?|登録番号|統一編號|ح\\.م|ח\\.?פ|ע\\.?מ';
/** Such a name right before a number, or before the beginning of an account that goes on. */
const REGISTERED = new RegExp(
  `(?<!\\p{L})(?:${REGISTERS})[\\s.:：#-]*(?:(?:nr|no|n[°º]|num|number|nummer|číslo|id)[\\s.:：#-]*)?(?:[A-Z]{0,3}-?)$|(?<!\\p{L})iban[\\s:.]*[A-Z]{2}[\\d ]*$`,
  'iu',
);

/** A post office box right before its number: "P.O. Box 12345-00505". */
const BOXED = new RegExp(`(?<!\\p{L})(?:${postBoxWords})[\\s.:：#-]*(?:(?:nr|no|n[°º])[\\s.:]*)?$`, 'iu');

/** Whether what stands at an offset is called the number of a register, a tax office, an account or a box. */
export const isRegistered = (text: string, at: number): boolean =>
  REGISTERED.test(calledBefore(text, { start: at, end: at })) || isBoxed(text, at);

/** Whether what stands at an offset is the number of a post office box. */
export const isBoxed = (text: string, at: number): boolean =>
  BOXED.test(calledBefore(text, { start: at, end: at }));

/** What may be telephone numbers in a text; neither times nor dates, nor what is called the number of a register. */
export const numbersIn = (text: string): RegExpExecArray[] =>
  [...text.matchAll(NUMBER)].filter(
    ({ 0: found, index }) => !TIMES.test(found) && !DATE.test(found) && !isRegistered(text, index),
  );

/** The telephone numbers among what may be some, with what they dial from a country (ISO 3166-1 alpha-2). */
export function telephonesAmong(numbers: readonly RegExpExecArray[], country: string): readonly Shown[] {
  return numbers.flatMap(({ 0: text, index }) => {
    const read = (part: string, start: number): Shown[] => {
      const number = readTelephone(part, country).telephone;
      return number ? [{ text: part, e164: number.e164, at: { start, end: start + part.length } }] : [];
    };
    const whole = read(text, index);
    if (whole.length > 0) {
      const listed = (part: string, start: number): Shown[] =>
        readTelephone(part, country).faults.length === 0 ? read(part, start) : [];
      // "1-2-3 0263-32-1234", "12 030 1234567": no range is listed for both together, one is for what stands behind.
      const isMixed = !/^[+(（＋0]/.test(text) && listed(text, index).length === 0;
      const behind = isMixed ? behindOthers(text, index, listed) : [];
      return behind.length > 0 ? behind : whole;
    }
    const parted = text.split(PARTED);
    if (parted.length < 2) return behindOthers(text, index, read);
    let at = 0;
    const found = parted.flatMap((part) => {
      const start = text.indexOf(part, at);
      at = start + part.length;
      return part.length > 5 ? read(part, index + start) : [];
    });
    return found.length > 0 ? found : behindOthers(text, index, read);
  });
}

/** Where every number is dialled whole, though it begins as area codes do. */
const DIALLED_WHOLE = new Set(['BE', 'CH', 'FR', 'MC', 'TH', 'ZA']);
/** What is shorter is an extension, or cut off. */
const FEWEST_OF_LOCAL = 5;

/** The digits that are dialled in the town itself, as pages for the town show them: "5550 0172" of "(03) 5550 0172"; '' for none. */
export function withoutAreaCode({ national, country }: Telephone): string {
  const behind = /^(?:\(\d+\)|0\d{2,4}(?=\D))(.*)$/.exec(national)?.[1] ?? '';
  const digits = behind.replace(/\D/g, '');
  return digits.length < FEWEST_OF_LOCAL || DIALLED_WHOLE.has(country) ? '' : digits;
}

/**
 * The digits of a number as they are dialled at home, where its country has a code of its own and the address is of
 * another one that shares numbers with it: "2345 6789" of +852 2345 6789 on a page of China; '' elsewhere.
 */
export const atHome = ({ national, country, assumedCountry }: Telephone, address: string): string =>
  !assumedCountry && address && country !== address && sharesNumbers(country, address)
    ? national.replace(/\D/g, '')
    : '';

/** A number that follows other figures on one line: a postal code, a house number. */
function behindOthers<T>(text: string, index: number, read: (part: string, start: number) => T[]): T[] {
  for (const gap of text.matchAll(/[\s\u00a0](?:[\u2010-\u2013-]\s)?(?=[+(\d])/g)) {
    const at = gap.index + gap[0].length;
    const found = read(text.slice(at), index + at);
    if (found.length > 0) return found;
  }
  return [];
}

/** What a fax number is called, right before it. */
export const FAX =
  /(?:^|[^\p{L}])(?:f(?=[\s.:：]*$)|(?:tele)?fa(?:x|ks)|télécop\p{L}*|téléc|факс|φαξ|ファ(?:ッ)?クス)(?:[\s-]*(?:nr|no|number|nummer)\.?)?[\s:：.|·–-]*$/iu;

/** What a telephone number is called, right before it. */
const CALLED =
  /(?:^|[^\p{L}])(?:t|p|m|h|tph|telf?n?|tfn|tlf|teléf?|tél|tele(?:f|ph)\p{L}*|télé(?:ph)\p{L}*|teléfono|ph(?:one)?|fone|call|ring|mob\p{L}*|handy|cel\p{L}*|puh|тел\p{L}*|τηλ\p{L}*|電話|电话|전화|โทร\p{L}*|טל\p{L}*|هاتف|تلفن|फ़?ोन|ტელ\p{L}*|հեռ\p{L}*)[\s.:：|·–-]*$/iu;

/** What stands right before a number. */
export const calledBefore = (text: string, { start }: Span): string =>
  text.slice(Math.max(0, start - 30), start).normalize('NFKC');

/** Whether a number is called a telephone. */
export const isCalled = (text: string, at: Span): boolean => CALLED.test(calledBefore(text, at));

/** Mobiles, messengers and machines, which a business has besides the number that it is known by. */
const BESIDES = /mob|cel|handy|gsm|portable|whats|viber|signal|sms|fax|kop|copi/i;
/** Whether words call a number one of these. */
export const callsAnother = (words: string): boolean => BESIDES.test(words);
const LONGEST_CALLED = 300;

/** Whether a number is called something else than the telephone: "Urgences :", "Service après-vente :", "Fax". */
export function isOtherwiseCalled(text: string, at: Span): boolean {
  const before = text.slice(Math.max(0, at.start - LONGEST_CALLED), at.start);
  const [called = ''] = /(?:[^\n,·•|;()\d–—]|(?<=\p{L})-)*$/u.exec(before) ?? [];
  return /\p{L}/u.test(called) && (!isCalled(text, at) || BESIDES.test(called));
}

/** Whether a number is called a fax, and not a telephone too: "Tel./Fax". */
export function isFaxAlone(text: string, at: Span): boolean {
  const before = calledBefore(text, at);
  return (
    FAX.test(before) &&
    !/(?<!\p{L})(?:t|p|ph|tel\p{L}*|fon|phone)\W{0,3}(?:[/&+]|und|and|et?|y|i)\W{0,3}(?:tele)?fa?[xk]?s?\W*$/iu.test(
      before,
    )
  );
}

/** Whether a number is a postal code, whose digits may have a blank or a dash between them. */
export const isCode = (text: string, code: string): boolean =>
  code !== '' && text.replace(/\D/g, '') === code.replace(/\D/g, '');

/** Of other numbers, the one that was meant most probably: a digit or two away, or called a telephone; else the first. */
export function mostLike(wanted: Telephone, shown: readonly Shown[], text: string): Shown | undefined {
  const isNear = ({ e164 }: Shown): boolean =>
    e164.length === wanted.e164.length &&
    Array.from(e164).filter((digit, at) => digit !== wanted.e164[at]).length <= MOST_OTHER_DIGITS;
  return (
    shown.find(isNear) ??
    shown.find(({ at }) => CALLED.test(calledBefore(text, at))) ??
    shown.find((one) => isPlainlyOne(one, text))
  );
}
/** Two turned round, or one mistyped. */
const MOST_OTHER_DIGITS = 2;

/** What is counted, priced or listed under a number of its own. */
const CALLED_OTHERWISE =
  /(?:[$€£¥₹₽₩฿]|(?<!\p{L})(?:isbn|issn|ean|upc|gtin|sku|asin|id|ip|art|item|order|invoice|ref|batch|model|serial|tracking|version|card|bestell\p{L}*|rechnung\p{L}*|artikel\p{L}*|facture|commande|réf|pedido|factura|ordine|fattura|artigo|bestelling|factuur|zamówieni\p{L}*|objednávk\p{L}*|номер заказа|артикул)[\s.:#-]*(?:\p{L}{1,8}[\s.:#-]*)?)\s?-?\d?\d?[\s-]?$/iu;
/** What stands behind a quantity. */
const COUNTED =
  /^\s?(?:[$€£¥₹₽₩฿%]|(?:m²|m2|km|kg|mm|cm|kč|zł|kr|ft|eur|usd|chf|lei|years?|jahre|ans|años|anni)(?!\p{L}))/iu;
const YEARS = /^(?:19|20)\d\d\D+(?:19|20)\d\d(?!\d)/;
const [FEWEST_OF_UNCALLED, MOST_GROUPS] = [8, 7];

/**
 * Whether what nothing calls a telephone is plainly one: it begins with a country code, a bracket or the 0 that is dialled at
 * home; else it has at least `fewest` digits, its range is listed, and its groups stand apart by one and the same sign, but
 * for the first.
 */
export function isPlainlyOne({ text, e164, at }: Shown, page: string, fewest = FEWEST_OF_UNCALLED): boolean {
  const groups = text.match(/\d+/g) ?? [];
  if (
    CALLED_OTHERWISE.test(calledBefore(page, at)) ||
    COUNTED.test(page.slice(at.end, at.end + 12)) ||
    YEARS.test(text) ||
    groups.length > MOST_GROUPS
  )
    return false;
  if (/^[+(（＋0]/.test(text)) return true;
  const { telephone, faults } = readTelephone(e164);
  const digits = groups.join('');
  const first = telephone?.national.replace(/\D/g, '')[0] ?? '';
  const begins = digits.startsWith(first) || (digits.startsWith('1') && e164.startsWith('+1'));
  const signs = (text.match(/\D+/g) ?? []).slice(groups.length > 2 ? 1 : 0);
  return (
    faults.length === 0 &&
    begins &&
    digits.length >= fewest &&
    groups.length < MOST_GROUPS - 1 &&
    new Set(signs).size < 2
  );
}
