import { namesOfTown } from '#core/address';
import { withLettersAsTwo } from '#core/text';

/** No name and no street is longer. */
const LONGEST = 120;

/** A text in the other spelling of its umlauts, for those who write them as two letters or not at all. */
export function otherSpellings(text: string): readonly string[] {
  if (text.length > LONGEST) return [];
  const lower = text.normalize('NFC').toLowerCase();
  const asTwo = withLettersAsTwo(lower);
  const asOne = lower.replace(/[aou]e|aa/g, ([letter]) => letter ?? '');
  return [asTwo, asOne].filter((one) => one !== lower);
}

/** Short forms of streets that hold a sign or mean another word elsewhere, and what they stand for: "Cl. 72" is no close. */
const STREET_FORMS: readonly (readonly [form: RegExp, other: string])[] = [
  [/^calle (?=\d)/iu, 'Cl '],
  [/^cll?\.? (?=\d)/iu, 'Calle '],
  [/(?<!\p{L})пр-к?т\.?(?!\p{L})/iu, 'проспект'],
  [/(?<!\p{L})б-р\.?(?!\p{L})/iu, 'бульвар'],
  [/(?<=\s)s\/n$/iu, 's/nº'],
  [/(?<=\s)s\/n[º°]\.?$/iu, 's/n'],
];

/** A street in its other spellings, and with the other forms of its kind. */
export const otherStreets = (street: string): readonly string[] => [
  ...otherSpellings(street),
  ...STREET_FORMS.filter(([form]) => form.test(street)).map(([form, other]) => street.replace(form, other)),
];

/** What a town's name says besides: "Frankfurt am Main", "Halle (Saale)", "City of Bath". */
const BESIDE = [
  /\s*\([^()]{1,40}\)$/u,
  /^(?:City|Town|Ville|Ciudad|Cidade|Comune|Stadt|Gemeente|Gemeinde) (?:of |de |di |da |do )?(?=\p{Lu})/u,
  /[\s-]+(?:an der|am|im|in der|bei|ob der|upon|on|sur|sous|aan den|aan de|nad|pod|i\.|a\.|v\. ?d\.)[\s-]+(?:the[\s-])?\p{Lu}[\p{L}\p{M}.]+$/u,
  /-(?:shi|ku|gu|si)$/u,
  /(?<=.)[市区區]$/u,
];

/** Fewer letters than these are found anywhere by chance. */
const FEWEST_LETTERS = 3;

/** The other names of a town, its name without what is said besides, and what both of two tongues call it. */
export function otherTownNames(town: string, country: string): readonly string[] {
  const name = town.trim();
  if (name.length > LONGEST) return [];
  // Kansas City is not Kansas; elsewhere the word says what it is, and is left away: Cebu City, Taipei City.
  const city = country === 'US' || country === 'CA' ? name : name.replace(/\s+City$/u, '');
  const short = [city, ...BESIDE.map((beside) => name.replace(beside, ''))];
  const both = name.split(/\s*\/\s*|\s+-\s+/u);
  return [...new Set([...namesOfTown(name, country), ...short, ...both, ...otherSpellings(name)])].filter(
    (one) => one !== name && (one.length >= FEWEST_LETTERS || /[\u3040-\u9fff\uac00-\ud7af]{2}/u.test(one)),
  );
}

/** A postal code without what some leave away: the country before it ("L-1930"), the American delivery route ("78251-1402"). */
export function shortCode(code: string, country: string): string | undefined {
  const [, digits] =
    (country === 'US' ? /^(\d{5})-\d{4}$/ : /^\p{Lu}{1,3}[- ]?(\d{4,6})$/u).exec(code.trim()) ?? [];
  return digits;
}
