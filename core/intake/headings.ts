import { daysNamed, daysSaid } from '#core/hours';
import { fold } from '#core/text';
import { columnsByHeading, daysOfRun, everyRun, isRun, type Column } from './column.ts';
import { easternHeadings } from './easternHeadings.ts';
import { latinHeadings } from './latinHeadings.ts';
import { nordicHeadings } from './nordicHeadings.ts';
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
  (read ??= Object.entries({ ...latinHeadings, ...nordicHeadings, ...otherHeadings, ...easternHeadings }).map(
    ([code, columns]) => ({
      code,
      columns: folded(columns),
    }),
  ));

/** The ways to read a heading: whole, without what stands in brackets, and each side of a slash. */
function waysToRead(heading: string): readonly string[] {
  const numbered = heading.replace('#', ' number ');
  const bare = heading.replace(/[([（][^)\]）]*[)\]）]/g, ' ');
  const parted = heading.replace(/(?<=\p{Ll})(?=\p{Lu})/gu, ' ');
  // "Telefonnr.", "Straße und Hausnr.", "CVR-nr."
  const whole = heading.replace(/nr\.?(?!\p{L})/giu, 'nummer');
  return [...new Set([numbered, heading, parted, whole, bare, ...bare.split(/[/|]/)].map(fold))].filter(
    Boolean,
  );
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
  is: 'IS',
};

/** Words of English in headings. "Name" and "Fax" are those of other languages as well. */
const ENGLISH = new Set(
  'address street city town state zip county suburb phone hours opening country category business store branch location line number'.split(
    ' ',
  ),
);

/** The language that most of the headings are in (ISO 639-1); '' for English, and where two know as many of them. */
export function languageOfHeadings(headings: readonly string[]): string {
  const ways = headings.map(waysToRead);
  const isEnglish = (one: readonly string[]): boolean =>
    one.some((way) => way.split(' ').some((word) => ENGLISH.has(word)));
  const others = ways.filter((one) => !isEnglish(one));
  const [first, second] = languagesOf(others).others;
  const isSure = first && first.count >= 3 && first.count > (second?.count ?? 0);
  return isSure && first.count > ways.length - others.length ? first.language.code : '';
}

/** The country whose language the headings are in; '' where it is that of several. */
export const countryOfHeadings = (headings: readonly string[]): string =>
  COUNTRIES[languageOfHeadings(headings)] ?? '';

/** What only one country (alpha-2) has a heading for: its codes, its registers, its regions. */
const OWN_HEADINGS: ReadonlyMap<string, string> = new Map(
  Object.entries({
    AR: 'cuit',
    AU: 'abn;acn',
    BR: 'cep;cnpj;uf;bairro',
    CH: 'kanton;cantone',
    DE: 'ust idnr;ust id nr',
    ES: 'comunidad autonoma',
    FR: 'siret;siren;cedex',
    IE: 'eircode;eir code',
    IN: 'pincode;pin code;gstin;gst no;taluka;taluk;tehsil',
    IT: 'p iva;partita iva',
    MX: 'colonia;rfc;alcaldia',
    NL: 'kvk;kvk nummer',
  }).flatMap(([country, headings]) => headings.split(';').map((heading) => [heading, country] as const)),
);

/** The countries (alpha-2) that alone have what one of the headings names. */
export const countriesOwning = (headings: readonly string[]): readonly string[] => [
  ...new Set(
    headings.flatMap((heading) => waysToRead(heading).flatMap((way) => OWN_HEADINGS.get(way) ?? [])),
  ),
];

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
  const meaning = (way: string): Column | undefined =>
    order.map(({ columns }) => columns.get(way)).find((column) => column !== undefined);
  const columns = ways.map(
    (one, at) =>
      meaning(one[0] ?? '') ??
      ofPlace(headings[at] ?? '', meaning) ??
      partsOfAddress(headings[at] ?? '', meaning) ??
      one.map(meaning).find((column) => column !== undefined) ??
      nameOfPlace(headings[at] ?? '') ??
      daysIn(headings[at] ?? ''),
  );
  // “Sa” beside “Mo-Fr” is a day.
  if (columns.some(isRun))
    for (const [at, heading] of headings.entries()) columns[at] ??= daysIn(heading, true);
  const named = daysNamed(headings.map(withoutHours));
  // A whole week is one, though “St” and “X” by themselves are other things.
  const isWeek = new Set(named).size > 5;
  return columns.map((column, at) => {
    const day = named[at];
    return day && (isWeek || !column) ? (`hours.${day}` as const) : column;
  });
}

/** "Name" in the languages of the headings, and what branches are called in them; small letters without marks. */
const NAME_WORDS = new Set(
  'name nom nombre nome naam navn namn nimi nazwa nazev nazov nev neve denumire denumirea nume numele naziv ime adi ad ονομα επωνυμια название наименование имя назва име назив найменування pavadinimas nosaukums nafn שם ten nama اسم'.split(
    ' ',
  ),
);
const PLACE_WORDS = new Set(
  'store shop branch outlet location site office filiale standort geschaft laden magasin boutique agence succursale etablissement point de vente tienda sucursal local negozio punto vendita sede loja filial unidade winkel vestiging filiaal sklepu oddzialu lokalu salonu punktu prodejny pobocky provozovny predajne prevadzky uzlet bolt telephely magazin magazinului magazinul locatie punct lucru poslovnice poslovalnice trgovine prodavnice radnje butik butikk butiks avdeling myymalan liikkeen toimipisteen kaupluse poe magaza sube καταστηματος υποκαταστηματος магазина филиала точки магазину філії відділення обекта обект филиал продавнице пословнице parduotuves filialo veikala filiales verslunar הסניף סניף החנות cua hang chi nhanh toko cabang gerai الفرع المحل المتجر del della du do da la el le на'.split(
    ' ',
  ),
);
const WORDS_TOGETHER =
  /^(?:(?:butik|filial|winkel|filiaal|vestiging|geschaft|markt|laden|store|shop|kauplus|affars)[a-z]{0,2})(?:navn|namn|naam|name|nimi)$/;

/** Whether one of a heading's words is a language's for a name. */
export const saysName = (heading: string): boolean =>
  fold(heading)
    .split(' ')
    .some((word) => NAME_WORDS.has(word));

/** "Nazwa sklepu", "Naam vestiging", "Butiksnavn": the name of a branch, in a language's words for both. */
function nameOfPlace(heading: string): 'label' | undefined {
  const words = fold(heading).split(' ').filter(Boolean);
  const isName = saysName(heading) && words.length > 1;
  const isOfPlace = words.every((word) => NAME_WORDS.has(word) || PLACE_WORDS.has(word));
  return (isName && isOfPlace) || WORDS_TOGETHER.test(words.join('')) ? 'label' : undefined;
}

/** What stands before a fact's own word: the store's, or the part of an address or of contacts. */
const KINDS = new Set(['addr', 'contact', 'business', 'company', 'public', 'main', 'primary']);
/** A place before the word for its fact, in letters that need no blank between them. */
const PLACE_BEFORE = /^(?:店舗|店鋪|支店|営業所|門店|门店|分店|店铺|門市|매장|지점|점포|가맹점)/u;

/** "Store Phone", "E-Mail Filiale", "店舗住所" and "addr:street": a fact of the place that a heading names as well. */
function ofPlace(heading: string, meaning: (words: string) => Column | undefined): Column | undefined {
  const words = fold(heading.replace(/[:_]|(?<=\p{Ll})(?=\p{Lu})/gu, ' ')).split(' ');
  const own = words.filter((word) => !PLACE_WORDS.has(word) && !KINDS.has(word)).join(' ');
  const bare = fold(heading.normalize('NFC').replace(PLACE_BEFORE, ''));
  for (const text of [own === words.join(' ') ? '' : own, bare === fold(heading) ? '' : bare]) {
    const column = text ? meaning(text) : undefined;
    // “Store type” says of what kind the store is, not its trade; “store name” was read before.
    if (column && column !== 'types' && column !== 'name') return column;
  }
  return undefined;
}

/** Words between the parts that a heading names. */
const BETWEEN = new Set('und;and;et;e;y;en;och;og;i;a;ja;o;or;oder;ou;with;mit'.split(';'));

/** "PLZ/Ort", "City, State, Zip" and "Street and town": the parts of an address that a heading names together. */
function partsOfAddress(
  heading: string,
  meaning: (words: string) => Column | undefined,
): 'townLine' | 'wholeAddress' | undefined {
  const words = fold(heading.replace(/[([（].*$/, ''))
    .split(/[^\p{L}\p{N}]+/u)
    .filter((word) => word && !BETWEEN.has(word));
  const parts = new Set<string>();
  for (let at = 0; at < words.length;) {
    const length = [3, 2, 1].find((many) => {
      const part = at + many <= words.length ? meaning(words.slice(at, at + many).join(' ')) : undefined;
      if (part?.startsWith('address.')) parts.add(part);
      return part?.startsWith('address.');
    });
    if (length === undefined) return undefined;
    at += length;
  }
  if (parts.size < 2 || !parts.has('address.addressLocality')) return undefined;
  return parts.has('address.streetAddress') ? 'wholeAddress' : 'townLine';
}

/** The column of a day, or of days in a row, that a heading names: "Hours M-F", "Vardagar". */
function daysIn(heading: string, isBesideDays = false): Column | undefined {
  if (!/^[\p{L}\s.,:/–-]{1,40}$/u.test(heading)) return undefined;
  const { days: named } = daysSaid(withoutHours(heading));
  const [only] = named;
  // A short day beside the word for hours is one: “Hours Sat”.
  if (only && named.length === 1 && (isBesideDays || withoutHours(heading) !== heading))
    return `hours.${only}`;
  return everyRun.find((run) => daysOfRun(run).join() === named.join());
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
