import { daysNamed } from '#core/hours';
import { fold } from '#core/text';
import { columnsByHeading, type Column } from './column.ts';
import { latinHeadings } from './latinHeadings.ts';
import { otherHeadings } from './otherHeadings.ts';

/** The headings of one language, with the columns they mean. */
interface Language {
  /** ISO 639-1, and the region where that tells apart; '' for English and what is written alike in many countries. */
  readonly code: string;
  readonly columns: ReadonlyMap<string, Column>;
}

const folded = (columns: Partial<Record<Column, string>>): Language['columns'] =>
  new Map(
    Object.entries(columns).flatMap(([column, headings]) =>
      headings.split(';').map((heading) => [fold(heading), column as Column] as const),
    ),
  );

const usual: Language = { code: '', columns: columnsByHeading };
let read: readonly Language[] | undefined;
/** Every language but what is usual. */
const languages = (): readonly Language[] =>
  (read ??= Object.entries({ ...latinHeadings, ...otherHeadings }).map(([code, columns]) => ({
    code,
    columns: folded(columns),
  })));

/** The ways to read a heading: whole, without what stands in brackets, and each side of a slash. */
function waysToRead(heading: string): readonly string[] {
  const bare = heading.replace(/[([（][^)\]）]*[)\]）]/g, ' ');
  const parted = heading.replace(/(?<=\p{Ll})(?=\p{Lu})/gu, ' ');
  return [...new Set([heading, parted, bare, ...bare.split(/[/|]/)].map(fold))].filter(Boolean);
}

/** The languages that know some of the headings, those that know most of them first, and how many they know. */
function languagesOf(ways: readonly (readonly string[])[]) {
  const knows = ({ columns }: Language): number =>
    ways.filter((one) => one.some((way) => columns.has(way))).length;
  const others = languages()
    .map((language) => ({ language, count: knows(language) }))
    .filter(({ count }) => count > 0)
    .toSorted((a, b) => b.count - a.count);
  return { others, usualCount: knows(usual) };
}

/** The country (alpha-2) of languages that are those of one country. */
const COUNTRIES: Readonly<Record<string, string>> = {
  it: 'IT',
  pl: 'PL',
  cs: 'CZ',
  sk: 'SK',
  hu: 'HU',
  ro: 'RO',
  hr: 'HR',
  sv: 'SE',
  da: 'DK',
  no: 'NO',
  fi: 'FI',
  el: 'GR',
  tr: 'TR',
  uk: 'UA',
  ja: 'JP',
  ko: 'KR',
  'zh-TW': 'TW',
  bg: 'BG',
  sl: 'SI',
  lt: 'LT',
  lv: 'LV',
  et: 'EE',
  he: 'IL',
  th: 'TH',
  vi: 'VN',
  id: 'ID',
};

/** The country whose language the headings are in; '' where it is that of several, or two know as many of them. */
export function countryOfHeadings(headings: readonly string[]): string {
  const { others, usualCount } = languagesOf(headings.map(waysToRead));
  const [first, second] = others;
  if (!first || first.count < 3 || first.count < usualCount || first.count === second?.count) return '';
  return COUNTRIES[first.language.code] ?? '';
}

/**
 * What each heading of a sheet means; undefined for headings of other things. A word that means one thing in one
 * language and another in the next ("kraj", "CEP", "site") means what it does in the language of the other headings.
 */
export function columnsOfHeadings(headings: readonly string[]): readonly (Column | undefined)[] {
  const ways = headings.map(waysToRead);
  const { others, usualCount } = languagesOf(ways);
  const known = others.map(({ language }) => language);
  // English unless another language knows as many of them.
  const order = others[0] && others[0].count >= usualCount ? [...known, usual] : [usual, ...known];
  const columns = ways.map((one) =>
    one
      .flatMap((way) => order.map((language) => language.columns.get(way)))
      .find((column) => column !== undefined),
  );
  const named = daysNamed(headings.map(withoutHours));
  // A whole week is one, though “St” and “X” by themselves are other things.
  const isWeek = new Set(named).size > 5;
  return columns.map((column, at) => {
    const day = named[at];
    return day && (isWeek || !column) ? (`hours.${day}` as const) : column;
  });
}

/** What stands beside the day over columns of opening and closing times. */
const ENDS = new Set(
  'open;opens;opening;close;closes;closing;start;end;from;to;until;time;times;am;pm;1;2;von;bis;offnet;offnung;schliesst;schliessung;ouverture;fermeture;debut;fin;apertura;cierre;desde;hasta;chiusura;abertura;fechamento;inicio;fim;otwarcie;zamkniecie;od;do;van;tot;sluiting;oppnar;stanger;abner;lukker'.split(
    ';',
  ),
);

/** "Öffnungszeiten Montag" and "Monday close" without the words for hours. */
function withoutHours(heading: string): string {
  const words = heading
    .replace(/(?<=\p{Ll})(?=\p{Lu})/gu, ' ')
    .split(/[\s_:,]+/)
    .filter(Boolean);
  const isHours = (word: string): boolean =>
    ENDS.has(fold(word)) || [usual, ...languages()].some(({ columns }) => columns.get(fold(word)) === 'week');
  // “Do” is a day, too: “Do von”.
  return words.filter((word) => !isHours(word)).join(' ') || (words[0] ?? '');
}
