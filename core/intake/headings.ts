import { daysNamed } from '#core/hours';
import { fold } from '#core/text';
import { columnsByHeading, type Column } from './column.ts';
import { latinHeadings } from './latinHeadings.ts';
import { otherHeadings } from './otherHeadings.ts';

/** The columns of each heading in one language. */
type Headings = ReadonlyMap<string, Column>;

const folded = (columns: Partial<Record<Column, string>>): Headings =>
  new Map(
    Object.entries(columns).flatMap(([column, headings]) =>
      headings.split(';').map((heading) => [fold(heading), column as Column] as const),
    ),
  );

let read: readonly Headings[] | undefined;
/** English and what is written alike in many countries, then every other language. */
const languages = (): readonly Headings[] =>
  (read ??= [
    columnsByHeading,
    ...[latinHeadings, otherHeadings].flatMap((all) => Object.values(all).map(folded)),
  ]);

/** The ways to read a heading: whole, without what stands in brackets, and each side of a slash. */
function waysToRead(heading: string): readonly string[] {
  const bare = heading.replace(/[([（][^)\]）]*[)\]）]/g, ' ');
  const parted = heading.replace(/(?<=\p{Ll})(?=\p{Lu})/gu, ' ');
  return [...new Set([heading, parted, bare, ...bare.split(/[/|]/)].map(fold))].filter(Boolean);
}

/**
 * What each heading of a sheet means; undefined for headings of other things. A word that means one thing in one
 * language and another in the next ("kraj", "CEP", "site") means what it does in the language of the other headings.
 */
export function columnsOfHeadings(headings: readonly string[]): readonly (Column | undefined)[] {
  const ways = headings.map(waysToRead);
  const known = (language: Headings): number =>
    headings.filter((_, at) => ways[at]?.some((way) => language.has(way))).length;
  const [usual, ...others] = languages();
  const bySize = others
    .map((language) => ({ language, count: known(language) }))
    .toSorted((a, b) => b.count - a.count)
    .flatMap(({ language, count }) => (count > 0 ? [language] : []));
  // English unless another language knows as many of them.
  const [best] = bySize;
  const order = !usual
    ? bySize
    : best && known(best) >= known(usual)
      ? [...bySize, usual]
      : [usual, ...bySize];
  const columns = ways.map((one) =>
    one.flatMap((way) => order.map((language) => language.get(way))).find((column) => column !== undefined),
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
    ENDS.has(fold(word)) || languages().some((language) => language.get(fold(word)) === 'week');
  // “Do” is a day, too: “Do von”.
  return words.filter((word) => !isHours(word)).join(' ') || (words[0] ?? '');
}
