/** What people certainly meant by a text that is not in the form of its kind; '' where it is, or nobody can tell. */
import { judgeEmail, judgeUrl, withoutSlip } from '#core/link';
import { readTelephone } from '#core/phone';
import { machineDate, machineDateOrYear, machineTime } from '#core/hours';
import { fold, plainText } from '#core/text';
import type { Around } from './kind.ts';

/** The other text, where it is another one. */
const other = (text: string, meant: string): string => (meant === text.trim() ? '' : meant);

export const dateMeant = (text: string, { country }: Around): string =>
  other(text, machineDate(text.trim(), country));

export const dateOrYearMeant = (text: string, { country }: Around): string =>
  other(text, machineDateOrYear(text, country));

/** "ab 15 Uhr", "from 3 pm" */
const BEFORE_TIME =
  /^(?:ab|bis|von|from|until|by|before|after|à partir de|avant|dès|desde(?: las)?|hasta(?: las)?|dalle|entro le|vanaf|tot|od|do|fra|från|til|till?|senast|a partir das|até)\s+/iu;

export const timeMeant = (text: string): string =>
  other(text, machineTime(text.trim().replace(BEFORE_TIME, '')));

const YES = new Set(
  'yes y ja oui si sim tak ano igen da да так kylla ano ναι evet jah jā taip true x 1 ✓ ✔ はい 有 有り あり 可 예 네 있음 是 כן نعم ใช่ ya'.split(
    ' ',
  ),
);
const NO = new Set(
  'no n nein non nao nie ne nem nu нет ні nej nei ei οχι hayir hayır false 0 いいえ 無 無し なし 不可 아니요 없음 否 לא لا ไม่ tidak'.split(
    ' ',
  ),
);

/** "ja", "oui", "да" and the like as "yes" or "no". */
export function yesNoMeant(text: string): string {
  const word = text.trim().toLowerCase();
  const said = [word, fold(word).normalize('NFC')];
  if (said.some((one) => YES.has(one))) return other(text.toLowerCase(), 'yes');
  return said.some((one) => NO.has(one)) ? other(text.toLowerCase(), 'no') : '';
}

/** Digits, in groups or not, with a word behind them or brackets round them. */
const COUNT = /^\(?(?:\d{1,9}|\d{1,3}(?:[.,'’\u00a0\u202f ]\d{3})+)(?:\s*\p{L}+|\)|\+)?$/u;

/** "42 Zimmer", "1.024", "(12)" */
export function countMeant(text: string): string {
  const written = text.trim();
  if (!/^\d+$/.test(written) && COUNT.test(written)) return written.replace(/\D/g, '');
  return '';
}

/** "4*", "4 Sterne", "4,5", "★★★★" */
export function starsMeant(text: string): string {
  const written = text.trim();
  if (/^[*★⭐]{1,7}$/u.test(written)) return String(Array.from(written).length);
  const [, whole = '', half = ''] = /^([1-7])([.,][05])?(?:\s*(?:[*★⭐]|\p{L}{4,}))?$/u.exec(written) ?? [];
  return whole ? other(text, half.endsWith('5') ? `${whole}.5` : whole) : '';
}

/** What people write for "https://". */
const SCHEME = /^(?:(?:h?t{1,3}ps?|https?)\s?[:;.]{0,2}\s?[\\/]{1,3}|\/\/)(?:https?:\/\/)?(?=[\p{L}\d])/iu;

/** "www.example.com", "//example.com", "https:/example.com" with its scheme. */
export function urlMeant(text: string): string {
  const written = text.trim().replace(SCHEME, '').replaceAll('\\', '/');
  const isPlain = /^\s*http\b/i.test(text);
  const whole = `${isPlain ? 'http' : 'https'}://${written}`;
  const isHost = /^[\p{L}\d-]+(?:\.[\p{L}\d-]+)*\.\p{L}{2,}(?:[/?#]\S*)?$/u.test(written);
  const isFile = /\.(?:jpe?g|png|webp|gif|svg|html?|php|pdf)$/i.test(written);
  const isRight = judgeUrl(whole).every(({ code }) => code === 'value/url-insecure');
  return isHost && !isFile && isRight ? other(text, whole) : '';
}

/** What people write for the sign of an address, and for its points, to hide it from programs. */
const AT =
  /\s*[([{<]\s*(?:at|ät|@|a|arroba|chez|snabela|małpa|kukac|zavináč)\s*[)\]}>]\s*|\s+(?:at|ät|@)\s+/i;
const DOT =
  /\s*[([{<]\s*(?:dot|punkt|point|punto|ponto|punt|piste|kropka|tečka|\.)\s*[)\]}>]\s*|\s+(?:dot|punkt|point|punto)\s+/gi;

/** Characters of an email address (RFC 5321, 4.5.3.1) with its name and what hides it. */
const LONGEST_MAIL = 500;

/** "mailto:desk@example.com", "desk (at) example (dot) com", "Desk <desk@example.com>", "desk@@example..com." */
export function emailMeant(text: string): string {
  if (text.length > LONGEST_MAIL) return '';
  const bare = text
    .trim()
    .replace(/^[^<>@]{0,100}<([^<>@\s]+@[^<>@\s]+)>$/, '$1')
    .replace(/^(?:mailto:|e-?mail\s*:)\s*/i, '')
    .replace(AT, '@')
    .replace(/\s*@+\s*/, '@')
    .replace(DOT, '.')
    .replace(/(?<=@.*)(?:\.{2,}|,)(?=[\p{L}\d])/gu, '.')
    .replace(/[.,;]+$/, '');
  const right = withoutSlip(bare) || bare;
  return judgeEmail(right).length === 0 ? other(text, right) : '';
}

/** "Tel.: 07071 55667" without what it is called. */
export function telephoneMeant(text: string, { country }: Around): string {
  const bare = plainText(text).replace(/^\p{L}[\p{L}. ]*[:.]\s*(?=[+(\d])/u, '');
  return bare !== text.trim() && readTelephone(bare, country).faults.length === 0 ? bare : '';
}
