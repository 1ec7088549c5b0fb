import { pagesOfCountries } from './sorts.ts';

/** One slip of a hand that copies facts into JSON-LD: where it may happen, and what is written instead. */
interface Slip {
  readonly what: string;
  readonly at: RegExp;
  /** What stands there afterwards, from what stood there; undefined where nobody can slip. */
  readonly write: (found: RegExpExecArray) => string | undefined;
}

const hourOff = (hour: string, by: number): string => String((Number(hour) + by + 24) % 24).padStart(2, '0');

const slips: readonly Slip[] = [
  {
    what: 'the last digit of the number',
    at: /"telephone"\s*:\s*\[?\s*"[^"]*?(\d)"/,
    write: ([whole, digit]) => `${whole.slice(0, -2)}${String((Number(digit) + 3) % 10)}"`,
  },
  {
    what: 'the last two digits of the number, exchanged',
    at: /"telephone"\s*:\s*\[?\s*"[^"]*?(\d)(\d)"/,
    write: ([whole, one = '', other = '']) =>
      one === other ? undefined : `${whole.slice(0, -3)}${other}${one}"`,
  },
  {
    what: 'the house number',
    at: /"streetAddress"\s*:\s*"[^"]*?(\d+)/,
    write: ([whole, number = '']) => whole.slice(0, -number.length) + String(Number(number) + 2),
  },
  {
    what: 'a digit of the house number, lost',
    at: /"streetAddress"\s*:\s*"[^"]*?\d(\d+)/,
    write: ([whole, lost = '']) => whole.slice(0, -lost.length),
  },
  {
    what: 'the postal code',
    at: /"postalCode"\s*:\s*"[^"]*?(\d)"/,
    write: ([whole, digit]) => `${whole.slice(0, -2)}${String((Number(digit) + 1) % 10)}"`,
  },
  {
    what: 'the closing hour',
    at: /"closes"\s*:\s*"(\d\d):/,
    write: ([whole, hour = '']) => whole.replace(`${hour}:`, `${hourOff(hour, -1)}:`),
  },
  {
    what: 'the closing hour in a text',
    at: /-(\d\d):(\d\d)"/,
    write: ([, hour = '', minute = '']) => `-${hourOff(hour, -1)}:${minute}"`,
  },
  {
    what: 'the opening hour in a text',
    at: / (\d\d):(\d\d)-/,
    write: ([, hour = '', minute = '']) => ` ${hourOff(hour, 1)}:${minute}-`,
  },
  {
    what: 'a latitude three degrees off',
    at: /"latitude"\s*:\s*"?(-?\d+)\./,
    write: ([whole, degrees = '']) => whole.replace(degrees, String(Number(degrees) + 3)),
  },
  {
    what: 'the sign of the longitude',
    at: /"longitude"\s*:\s*"?(-?)(\d+)/,
    write: ([whole, sign = '', degrees = '']) =>
      Number(degrees) < 2 ? undefined : whole.replace(sign + degrees, (sign ? '' : '-') + degrees),
  },
  {
    what: 'the end of the name, lost',
    // Where words stand without blanks, a part of a name is a name.
    at: /"name"\s*:\s*"([^"\p{Script=Han}]{4,})",\s*"url"/u,
    write: ([whole, name = '']) => whole.replace(name, name.slice(0, -2)),
  },
  {
    what: 'another country',
    at: /"addressCountry"\s*:\s*"([A-Z]{2})"/,
    write: ([whole, country = '']) => whole.replace(country, country === 'FR' ? 'DE' : 'FR'),
  },
  {
    what: 'a type with an s',
    at: /"@type"\s*:\s*\[?"([A-Z]\w+)"/,
    write: ([whole, type = '']) => whole.replace(type, `${type}s`),
  },
  { what: 'a property in another language', at: /"telephone"/, write: () => '"telefone"' },
  {
    what: 'a comma, lost',
    at: /",(\s*"(?:telephone|image)")/,
    write: ([, behind = '']) => `"${behind}`,
  },
];

/** Pages that were clean, each with one slip: what they are called, the source, its address, and where the slip stands. */
export const slippedPages: readonly {
  readonly name: string;
  readonly clean: string;
  readonly source: string;
  readonly url: string;
  readonly start: number;
  readonly end: number;
}[] = pagesOfCountries.flatMap(([file, clean, url]) => {
  const script = clean.indexOf('ld+json');
  if (script < 0) return [];
  return slips.flatMap(({ what, at, write }) => {
    const found = at.exec(clean.slice(script));
    const text = found ? write(found) : undefined;
    if (!found || text === undefined) return [];
    const start = script + found.index;
    const source = clean.slice(0, start) + text + clean.slice(start + found[0].length);
    return [{ name: `${file}: ${what}`, clean, source, url, start, end: start + text.length }];
  });
});
