import { asCountryWrites, emptyAddress, judgeAddress, postalCodes, regionAgainstCode } from '#core/address';
import { rememberLast } from '#core/text';

interface Around {
  /** ISO 3166-1 alpha-2. */
  readonly country: string;
  readonly region: string;
  /** The page or script that the code stands in. */
  readonly source: string;
}

/**
 * What was meant by a text that is no postal code of its country: the one code beside it in the source that is hardly
 * another, the text without the country's letters before it, with the first 0 that a spreadsheet took, or with digits in
 * the place of letters; '' where nothing of that is one.
 */
export function postalCodeMeant(written: string, { country, region, source }: Around): string {
  const text = written.trim();
  const meant = [
    asCountryWrites(text, country),
    `0${text}`,
    text.replace(/^[A-Z]{1,3}-\s*/, ''),
    text.replace(/O/g, '0').replace(/[Il]/g, '1'),
  ];
  const isRight = (postalCode: string): boolean =>
    country !== '' &&
    regionAgainstCode(postalCode, region, country) !== 'another' &&
    !judgeAddress({ ...emptyAddress, postalCode, addressCountry: country }).some(
      (one) => one.part === 'postalCode',
    );
  return (
    wholeCode(text, source, isRight) ||
    codeBeside(text, source.replace(written, ''), country, isRight) ||
    (meant.find((one) => one !== '' && one !== text && isRight(one)) ?? '')
  );
}

/** The only code of a source that a digit was lost from; '' where there is none, or several. */
function wholeCode(text: string, source: string, isRight: (code: string) => boolean): string {
  if (!/^\d{3,6}$/.test(text)) return '';
  const [first = '', ...others] = (codesWithout(source).get(text) ?? []).filter(isRight);
  return others.length === 0 ? first : '';
}

/** The only code of the country in a source that one character tells from a text; '' where there is none, or several. */
function codeBeside(
  text: string,
  source: string,
  country: string,
  isRight: (code: string) => boolean,
): string {
  const pattern = postalCodes[country]?.pattern.source.replace(/^\^|\$$/g, '');
  if (!pattern) return '';
  const squeeze = (code: string): string => code.replace(/[\s-]/g, '').toUpperCase();
  const letters = squeeze(text);
  const isNear = (code: string): boolean =>
    code.length === letters.length && Array.from(code).filter((one, at) => one !== letters[at]).length === 1;
  const codes = source.slice(0, MOST_SEARCHED).matchAll(new RegExp(`(?<!\\w)(?:${pattern})(?!\\w)`, 'gi'));
  const near = new Map([...codes].map(([code]) => [squeeze(code), code]));
  const [first, ...others] = [...near].filter(([squeezed, code]) => isNear(squeezed) && isRight(code));
  return first && others.length === 0 ? first[1] : '';
}
const MOST_SEARCHED = 500_000;

/** More numbers of a page are not looked at. */
const MOST_NUMBERS = 5000;

/** The numbers of a source that may be postal codes, by each of what they are without one of their digits. */
const codesWithout = rememberLast((source: string): ReadonlyMap<string, readonly string[]> => {
  const codes = new Set<string>();
  for (const [code] of source.matchAll(/(?<![\d.,+-]|\d )\d{4,7}(?![\d:-]|[.,]\d)/g)) {
    codes.add(code);
    if (codes.size === MOST_NUMBERS) break;
  }
  const found = new Map<string, string[]>();
  for (const code of codes)
    for (const less of new Set(Array.from(code, (_, at) => code.slice(0, at) + code.slice(at + 1))))
      found.set(less, [...(found.get(less) ?? []), code]);
  return found;
});
