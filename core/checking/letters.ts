import { decodeHTMLStrict } from 'entities';
import { shortText, type Finding } from '#core/fault';
import { codePointName, repairEncoding, table } from '#core/text';
import { propertyNamed } from '#core/vocabulary';
import { embeddedIn, tell, type Spot } from './spot.ts';

/** Text that was damaged on its way: by a wrong encoding, by references that nobody reads, by tags, by marks nobody sees. */
export function judgeLetters(spot: Spot): readonly Finding[] {
  const { text, value, property } = spot;
  const whole = repairEncoding(text);
  if (whole !== undefined)
    return [
      tell(
        spot,
        'value/encoding',
        `“${shortText(text)}” was damaged by a wrong encoding${whole ? `: “${shortText(whole)}” was meant` : ''}.`,
        whole,
      ),
    ];
  const marks = OF_NUMBERS.has(property.name) ? UNSEEN_IN_NUMBERS : UNSEEN;
  const unseen = value.holder === 'text' ? null : marks.exec(value.text);
  if (unseen)
    return [
      tell(
        spot,
        'value/invisible',
        `“${shortText(text)}” holds a character that nobody sees (${codePointName(unseen[0].charCodeAt(0))}), so that it is another text to a machine. Take it out.`,
        value.text.replace(new RegExp(marks, 'g'), ''),
      ),
    ];
  if (/url|image|logo|sameAs/i.test(property.name)) return [];
  if (isMeantAsHtml(spot)) return [];
  const decoded = text.includes('&') ? decodeHTMLStrict(text) : text;
  if (decoded !== text)
    return [
      tell(
        spot,
        'value/entities',
        `“${shortText(text)}” holds references of HTML, which no machine resolves ${value.holder === 'json' ? 'in JSON' : 'twice'}. Write the characters themselves: “${shortText(decoded)}”.`,
        decoded,
      ),
    ];
  const unescaped = withoutEscapes(text);
  if (unescaped !== text)
    return [
      tell(
        spot,
        'value/escapes',
        `“${shortText(text)}” was escaped twice: its backslashes are part of what a machine reads. Write “${shortText(unescaped)}”.`,
        unescaped,
      ),
    ];
  if (
    value.holder === 'json' &&
    !(embeddedIn(text) && propertyNamed(spot.property.name)?.ranges.includes('URL')) &&
    /<\/?(?:p|br|b|i|strong|em|div|span|a|ul|ol|li|h[1-6])\b[^<>]*>/i.test(text)
  )
    return [
      tell(
        spot,
        'value/html',
        `“${shortText(text)}” holds tags of HTML, which are shown as they stand. Write plain text.`,
        withoutHtml(text),
        true,
      ),
    ];
  return [];
}

/** Texts that search engines take as HTML: an answer to a question, and what a job is about (their guidelines of each). */
const isMeantAsHtml = ({ item: { types }, property: { name } }: Spot): boolean =>
  (name === 'text' && types.includes('Answer')) || (name === 'description' && types.includes('JobPosting'));

const ESCAPE = /\\(?:u[\da-fA-F]{4}|[nrt"'/\\])/g;
/** One stroke between letters may be meant: “Bar\restaurant”. */
const AMONG_LETTERS = /^[^\\]*\p{L}\\[nrt]\p{Ll}[^\\]*$/u;
const ESCAPED = table<string>({ n: '\n', r: '', t: ' ' });

/**
 * A text without the escapes of a string of JSON (RFC 8259, 7) or PHP, where all its backslashes begin one; else as it is.
 * So is code, whose escapes are its own.
 */
function withoutEscapes(text: string): string {
  if (!text.includes('\\') || /[{<]|^[A-Z]:\\/.test(text) || AMONG_LETTERS.test(text)) return text;
  if (text.replace(ESCAPE, '').includes('\\')) return text;
  return text
    .replace(ESCAPE, (escape) => {
      const letter = escape.charAt(1);
      return escape.length > 2
        ? String.fromCharCode(parseInt(escape.slice(2), 16))
        : (ESCAPED[letter] ?? letter);
    })
    .trim();
}

/**
 * Marks that only say where a line may break, or begin a file (Unicode, chapter 23). Those that join or turn letters are
 * part of writing in some scripts.
 */
const UNSEEN = /[\u00ad\u180e\u200b\u2060\ufeff]/;
/** In numbers and addresses the others are none either: address books put them round what they copy. */
const UNSEEN_IN_NUMBERS = /[\u00ad\u180e\u200b-\u200f\u202a-\u202e\u2060\u2066-\u2069\ufeff]/;
const OF_NUMBERS = new Set(['telephone', 'faxNumber', 'email', 'url', 'postalCode', 'latitude', 'longitude']);

/** What a text with tags of HTML shows: a line for each of its paragraphs. */
const withoutHtml = (text: string): string =>
  decodeHTMLStrict(text.replace(/<\/?(?:p|br|div|ul|ol|li|h[1-6])\b[^<>]*>/gi, '\n').replace(/<[^<>]*>/g, ''))
    .replace(/[^\S\n]+/g, ' ')
    .replace(/ ?\n[\n ]*/g, '\n')
    .trim();
