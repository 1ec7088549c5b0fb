import { foldAddress } from '#core/address';
import { rememberLast } from '#core/text';
import { cutWords } from './letters.ts';
import { INITIALS, partsInWords, shortWords, wordsOfPage } from './pageText.ts';

/** Letters or digits of a text that stand together, folded: "12b" is two of them. */
interface Piece {
  readonly folded: string;
  readonly isNumber: boolean;
  /** Its offsets; those of the word it is of, where folding made that longer or shorter. */
  readonly start: number;
  readonly end: number;
  /** Whether nothing stands between it and the next. */
  readonly isJoined: boolean;
  /** Whether a stop says that it is the beginning of a word. */
  readonly isShort: boolean;
  /** Whether at most a blank stands before it. */
  readonly isNext: boolean;
}

/** Blanks for what only marks what stands beside it, so that offsets stay: "n.º 5", "1ºB", "2/F", "(at Ann St)". */
const withoutMarks = (text: string): string =>
  [/(?<!\p{L})n\.?\s?[º°](?=\s*\d)/giu, /[ºª°]/gu, /(?<=\d)\/F\b/gu, /\([^()\d\n]{1,40}\)/gu]
    .reduce((now, mark) => now.replace(mark, (found) => ' '.repeat(found.length)), text)
    // "S:t Hans", "Saint-Martin".
    .replace(/(?<!\p{L})(?:Sankt|Saint|Sint|S:ta?)(?!\p{L})/giu, (found) => 'St'.padEnd(found.length))
    // "C.H.S." is "CHS".
    .replace(INITIALS, (found) => found.replaceAll('.', '').padEnd(found.length));

function piecesOf(whole: string): readonly Piece[] {
  const pieces: Piece[] = [];
  const text = withoutMarks(whole);
  let last: Piece | undefined;
  let hasFloor = false;
  const words = cutWords(text);
  for (let index = 0; index < words.folded.length; index += 1) {
    const [folded = '', start = 0, end = 0] = [words.folded[index], words.starts[index], words.ends[index]];
    // The letter of "12 c", which is no short form of a street.
    const isOfNumber = end === start + 1 && last?.isNumber === true && KINDS.has(folded);
    const word = isOfNumber ? text.slice(start, end).toLowerCase() : folded;
    if (word === '') continue;
    const isShort = text[end] === '.';
    hasFloor ||= word === 'floor';
    const before = last?.end ?? 0;
    const isNext = start <= before || (start === before + 1 && /\s/.test(text[before] ?? ''));
    // Where folding keeps the length, as it does without accents and short forms, each piece has its own place.
    const keepsLength = word.length === end - start;
    const parts = HAS_DIGIT.test(word) ? (word.match(/\d+|\D+/gu) ?? []) : [word];
    let behind = start;
    for (let at = 0; at < parts.length; at += 1) {
      const part = parts[at] ?? '';
      behind += part.length;
      last = {
        folded: part,
        isNumber: BEGINS_WITH_DIGIT.test(part),
        start: keepsLength ? behind - part.length : start,
        end: keepsLength ? behind : end,
        isJoined: at < parts.length - 1,
        isShort,
        isNext: at === 0 ? isNext : start <= (last?.end ?? 0),
      };
      pieces.push(last);
    }
  }
  return hasFloor ? withFloors(pieces) : pieces;
}
const HAS_DIGIT = /\d/;
const BEGINS_WITH_DIGIT = /^\d/;

/** "2nd Floor" is "2/F". */
const withFloors = (pieces: readonly Piece[]): readonly Piece[] =>
  pieces.map((piece, at) => {
    const floor = pieces[at + 1]?.folded === 'floor' ? ORDINALS.indexOf(piece.folded) + 1 : 0;
    return floor > 0 ? { ...piece, folded: String(floor), isNumber: true } : piece;
  });

/** The pieces of a page, which is asked for many streets, and where they stand. */
interface Page {
  readonly pieces: readonly Piece[];
  readonly places: ReadonlyMap<string, readonly number[]>;
  /** Places of those that are cut short, by what is left of them. */
  readonly short: ReadonlyMap<string, readonly number[]>;
  /** Places of those that may have another word before them without a blank. */
  readonly eastern: readonly number[];
}

const pageOf = rememberLast((text: string): Page => {
  const pieces = piecesOf(text);
  const [places, short] = [new Map<string, number[]>(), new Map<string, number[]>()];
  const eastern: number[] = [];
  for (const [at, piece] of pieces.entries()) {
    for (const by of piece.isShort ? [places, short] : [places]) {
      const same = by.get(piece.folded);
      if (same) same.push(at);
      else by.set(piece.folded, [at]);
    }
    if (isEastAsian(piece)) eastern.push(at);
  }
  return { pieces, places, short, eastern };
});

/** Where on a page a word may stand, in order. */
function placesOf({ places, short, eastern }: Page, word: Piece): readonly number[] {
  const { folded } = word;
  const longer = word.isShort
    ? [...places].flatMap(([other, at]) => (other.startsWith(folded) ? at : []))
    : (places.get(folded) ?? []);
  const cut = Array.from(folded, (_, end) => short.get(folded.slice(0, end + 1)) ?? []).flat();
  const ending = isEastAsian(word) ? eastern : [];
  return [...new Set([...longer, ...cut, ...ending])].sort((a, b) => a - b);
}
const ORDINALS = ['first', 'second', 'third', 'fourth', 'fifth'];

/** What says that a number follows, a unit of a building, or that two streets meet: left away as people please. */
const PASSED_OVER = new Set(
  `no nr nro num numero number nummer hausnummer nº cp cislo broj br номер д дом буд будинок бр αρ αριθ ap kav
  suite unit shop flat apartment office room floor level rm lot bureau bur bus bte boite app appartement tingkat lantai
  stiege top tur etage etaj etaz stock aukstas emelet kv кв квартира офис оф этаж эт етаж ет γραφειο γραφ local loc lokal lok lakas m piso planta sala oficina of int
  interior x por entre y and & esquina esq corner cnr de del la las el los da do dos das des du
  丁目 丁 番地 番 号 號 階 楼 樓 室 の 층 호 번지`
    .split(/\s+/)
    .map((word) => foldAddress(word)),
);

/** Kinds of streets: one side may leave them away, but another kind is another street. */
const KINDS = new Set(
  `street road avenue lane drive court place square boulevard highway parkway terrace crescent close calle rue plaza viale
  corso paseo carretera ulica aleja travessa chemin allee impasse route largo estrada jiron pasaje colonia carrera
  transversal diagonal soseaua namesti trida utca korut caddesi sokak mahallesi jalan lorong улица вулиця проспект площадь
  переулок бульвар οδος λεωφορος via tanav puiestee maantee iela gatve prospektas prospekts trg`
    .split(/\s+/)
    .filter(Boolean),
);

/** Where a house has two numbers, of its land and of its street, and either is enough: "336/15". */
const TWO_NUMBERED = new Set(['CZ', 'SK']);

/** What of a street has to be seen. */
interface Wanted {
  readonly words: readonly Piece[];
  /** Undefined is any number. */
  readonly numbers: readonly (string | undefined)[];
  readonly kinds: ReadonlySet<string>;
  readonly isTwoNumbered: boolean;
}

function wantedOf(street: string, country: string): readonly Wanted[] {
  const pieces = piecesOf(street);
  const names = pieces.filter((piece, at) => !piece.isNumber && !isPassedOver(pieces, at));
  const kinds = new Set(pieces.filter(isKind).map(({ folded }) => folded));
  const numbers = pieces.filter(({ isNumber }) => isNumber).map(({ folded }) => folded);
  const isTwoNumbered = TWO_NUMBERED.has(country);
  // "Calle 60": its kind is all the name it has.
  const base =
    names.length > 0 ? { words: names, kinds } : { words: pieces.filter(isKind), kinds: new Set<string>() };
  const lists =
    isTwoNumbered && numbers.length === 2 ? [numbers, numbers.slice(1), numbers.slice(0, 1)] : [numbers];
  return lists.map((list) => ({ ...base, numbers: list, isTwoNumbered }));
}

/** Nothing longer is a street that a page shows in other words. */
const LONGEST_STREET = 500;
/** A street has no more numbers: its house's, its floor's, its flat's. */
const MOST_NUMBERS = 12;

/** A street's number stands at most so many words before its name, or behind it beside what has to be seen. */
const FARTHEST = 8;

/** The pieces from one to another, both of them in the span. */
interface Run {
  readonly from: number;
  readonly until: number;
}

/**
 * Where a text shows a street in other words: its number before or behind its name, with "no." or without, its kind
 * left away, as "10番5号" for "10-5". All its numbers and the words of its name are there in their order, and no others.
 */
export function findStreetIn(
  text: string,
  street: string,
  country: string,
): { readonly start: number; readonly end: number } | undefined {
  if (street.length > LONGEST_STREET) return undefined;
  const all = wantedOf(street, country);
  for (const wanted of all) {
    const isShown = showsNumbers(text, wanted.numbers) && mayBegin(text, wanted.words[0]);
    const found = isShown ? spanOf(pageOf(text), wanted) : undefined;
    // "336/15" where "336/17" is wanted: one of two numbers is enough only where it stands alone.
    const isOfTwo =
      found && wanted.numbers.length < (all[0]?.numbers.length ?? 0) && TWO.test(aboutOf(text, found));
    if (found && !isOfTwo) return found;
  }
  return undefined;
}

/** Whether a text holds all the numbers of a street, without cutting it into pieces; "first floor" may be one. */
const showsNumbers = (text: string, numbers: Wanted['numbers']): boolean =>
  wordsOfPage(text).has('floor') ||
  numbers.every((number) => number === undefined || partsInWords(text).has(number));

/** Whether a text may hold the first word of a street's name, without cutting it into pieces. */
function mayBegin(text: string, first: Piece | undefined): boolean {
  if (
    !first ||
    first.isShort ||
    first.folded.length === 1 ||
    SAINT.includes(first.folded) ||
    isEastAsian(first)
  )
    return true;
  const { has } = wordsOfPage(text);
  return (
    // The mark of an ordinal is a letter of the word where it stands behind one.
    ['', 'o', 'a'].some((mark) => has(first.folded + mark)) ||
    partsInWords(text).has(first.folded) ||
    shortWords(text).some((short) => first.folded.startsWith(short))
  );
}
const SAINT = foldAddress('St').split(' ');

const TWO = /\d\s?\/\s?\d/;
/** What stands on a line from just before a span to just behind it. */
const aboutOf = (text: string, { start, end }: { readonly start: number; readonly end: number }): string =>
  (/[^\n]*$/.exec(text.slice(Math.max(0, start - 8), start))?.[0] ?? '') +
  text.slice(start, end) +
  (/^[^\n]*/.exec(text.slice(end, end + 8))?.[0] ?? '');

/** Shorter names are found anywhere: "A 4", "第2". */
const SHORTEST_NAME = 4;
const SHORTEST_EASTERN_NAME = 2;

/** Where a text shows the same street with one other number: "民權路二段60號" for "民權路二段62號", "Anger 37/38" for "Anger 39/38". */
export function findOtherNumberIn(
  text: string,
  street: string,
  country: string,
): { readonly start: number; readonly end: number } | undefined {
  if (street.length > LONGEST_STREET) return undefined;
  const [wanted] = wantedOf(street, country);
  if (!wanted || wanted.numbers.length > MOST_NUMBERS) return undefined;
  const name = wanted.words.map(({ folded }) => folded).join('');
  const fewest = wanted.words.some(isEastAsian) ? SHORTEST_EASTERN_NAME : SHORTEST_NAME;
  if (Array.from(name).length < fewest) return undefined;
  for (const at of wanted.numbers.keys()) {
    const numbers = wanted.numbers.with(at, undefined);
    const isShown = showsNumbers(text, numbers) && mayBegin(text, wanted.words[0]);
    const found = isShown ? spanOf(pageOf(text), { ...wanted, numbers }) : undefined;
    if (found && isHouseNumber(text.slice(found.start, found.end), street, wanted.numbers, at)) return found;
  }
  return undefined;
}

/** Whether what stands for a number of a street may be one: no postal code behind a comma, no telephone of another line. */
function isHouseNumber(shown: string, street: string, numbers: Wanted['numbers'], at: number): boolean {
  const left = numbers.filter((_, index) => index !== at);
  const own = numbers[at] ?? '';
  const other = [...shown.matchAll(/\d+/g)].find(([number]) => {
    const index = left.indexOf(number);
    if (index >= 0) left.splice(index, 1);
    return index < 0;
  });
  // "200 m." is a distance, not Main Street.
  if (!other || shown.includes('\n') || !/\p{L}{3}|\p{Lo}/u.test(shown)) return false;
  const [number] = other;
  const isSetOff = (text: string, index: number): boolean =>
    /,\s*(?:n[.º°]*\s*)?$/i.test(text.slice(0, index));
  return (
    number.length <= own.length + 1 &&
    (own.startsWith('0') || !number.startsWith('0')) &&
    (!isSetOff(shown, other.index) || isSetOff(street, street.lastIndexOf(own)))
  );
}

/** Where the pieces of a page are those of a street. */
function spanOf(page: Page, wanted: Wanted): { readonly start: number; readonly end: number } | undefined {
  const [first] = wanted.words;
  if (first === undefined || wanted.numbers.length === 0 || wanted.numbers.length > MOST_NUMBERS)
    return undefined;
  const { pieces } = page;
  for (const at of placesOf(page, first)) {
    const piece = pieces[at];
    if (!piece) continue;
    // The town stands before it without a blank: "金沢市片町2丁目".
    const isFirst = isWord(piece, first) || (isEastAsian(piece) && piece.folded.endsWith(first.folded));
    const run = isFirst ? runAround(pieces, at, wanted) : undefined;
    const [begin, end] = [pieces[run?.from ?? -1], pieces[run?.until ?? -1]];
    const before = isFirst && run?.from === at ? piece.folded.length - first.folded.length : 0;
    if (begin && end) return { start: begin.start + Math.max(0, before), end: end.end };
  }
  return undefined;
}

/** The street around the first word of its name: the first of its numbers may stand before it. */
function runAround(pieces: readonly Piece[], at: number, wanted: Wanted): Run | undefined {
  for (let count = 0; count <= wanted.numbers.length; count += 1) {
    const from = runBefore(pieces, at, wanted.numbers.slice(0, count));
    const until = from === undefined ? undefined : runBehind(pieces, at, wanted, count);
    if (from === undefined || until === undefined) continue;
    const kinds = pieces.slice(from, until + 1).filter(isKind);
    const isOther = kinds.some(
      ({ folded }) => !wanted.kinds.has(folded) && !wanted.words.some((word) => word.folded === folded),
    );
    if (wanted.kinds.size === 0 || !isOther) return { from, until };
  }
  return undefined;
}

/** Whether a piece is a word, or one of them the beginning of the other with a stop: "Gen. Maxilom". */
const isWord = (piece: Piece, word: Piece | undefined): boolean =>
  word !== undefined && (piece.folded === word.folded || beginsWith(piece, word) || beginsWith(word, piece));
const beginsWith = (short: Piece, { folded }: Piece): boolean =>
  short.isShort && folded.length > short.folded.length && folded.startsWith(short.folded);

/** Whether a piece is one of the numbers wanted. */
const isNumber = (piece: Piece, numbers: Wanted['numbers'], at: number): boolean =>
  piece.isNumber && (numbers[at] === undefined || piece.folded === numbers[at]);

const isKind = ({ folded }: Piece): boolean => KINDS.has(folded);
const isEastAsian = ({ folded }: Piece): boolean => /[\u3040-\u30ff\u3400-\u9fff\uac00-\ud7af]/.test(folded);

/** Whether a piece may stand among the words and numbers of a street: "12 no. 5", not the letter of "12d". */
function isPassedOver(pieces: readonly Piece[], at: number): boolean {
  const [before, piece, next] = [pieces[at - 1], pieces[at], pieces[at + 1]];
  if (!piece) return false;
  if (before?.isNumber && before.isJoined)
    return isEastAsian(piece)
      ? PASSED_OVER.has(piece.folded)
      : piece.folded === 'f' && pieces.some(isEastAsian);
  const isLetter = piece.folded.length === 1 && !isEastAsian(piece) && piece.folded !== '&';
  return (PASSED_OVER.has(piece.folded) && (!isLetter || next?.isNumber === true)) || isKind(piece);
}

/** Where the numbers begin that stand right before a name; undefined where others stand there. */
function runBefore(pieces: readonly Piece[], name: number, numbers: Wanted['numbers']): number | undefined {
  let left = numbers.length;
  let from = name;
  for (let at = name - 1; at >= Math.max(0, name - FARTHEST); at -= 1) {
    const piece = pieces[at];
    if (!piece || (left === 0 && !isKind(piece))) break;
    if (piece.isNumber) {
      left -= 1;
      if (!isNumber(piece, numbers, left)) return undefined;
    } else if (!isPassedOver(pieces, at)) break;
    from = at;
  }
  return left === 0 ? from : undefined;
}

/** Where the rest of a name and of its numbers ends; undefined where something else stands among them. */
function runBehind(
  pieces: readonly Piece[],
  name: number,
  { words, numbers, isTwoNumbered }: Wanted,
  seen: number,
): number | undefined {
  let [word, number, until] = [1, seen, name];
  const farthest = name + FARTHEST + 3 * (words.length + numbers.length);
  for (let at = name + 1; word < words.length || number < numbers.length; at += 1) {
    const piece = pieces[at];
    if (!piece || at > farthest) return undefined;
    if (isWord(piece, words[word])) word += 1;
    else if (number < numbers.length && isNumber(piece, numbers, number)) number += 1;
    else if (piece.isNumber ? !(isTwoNumbered && pieces[at + 1]?.isNumber) : !isPassedOver(pieces, at))
      return undefined;
    until = at;
  }
  // "Mays Street": the kind behind the name belongs to it, and so does the floor's sign of "1階".
  for (let next = pieces[until + 1]; next; next = pieces[until + 1]) {
    if (
      !(pieces[until]?.isJoined
        ? isPassedOver(pieces, until + 1)
        : isKind(next) && next.isNext && until === name)
    )
      break;
    until += 1;
  }
  return pieces[until]?.isJoined ? undefined : until;
}
