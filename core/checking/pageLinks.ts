import { numbersIn, telephonesAmong } from '#core/agreement';
import { finding, shortText, type Finding } from '#core/fault';
import { attributeSpan, textContent, type HtmlElement } from '#core/html';
import { emailsIn, isEmail } from '#core/link';
import { readTelephone } from '#core/phone';
import { attributeText, businessesIn, recordFromItem, type Reading } from '#core/reading';
import { countryOf } from '#core/record';
import { percentDecoded } from '#core/text';

/** A link to a number or a mail address, and what visitors read of it. */
interface Link {
  readonly element: HtmlElement;
  readonly href: string;
  readonly text: string;
  /** Of the business, alpha-2; '' for none. */
  readonly country: string;
}

/** What is wrong with a link, and the address it was meant to have; '' where nobody knows. */
interface Amiss {
  readonly message: string;
  readonly meant: string;
}

/**
 * Links of a page that dial, or write to, another number or address than they show (RFC 3966, RFC 6068), or nothing
 * at all because their scheme is spoilt or their number is neither whole nor as it is dialled at home.
 */
export function judgePageLinks(reading: Reading): readonly Finding[] {
  const { document, lines, items, source } = reading;
  const [business] = businessesIn(items);
  const country = business ? countryOf(recordFromItem(business)) : '';
  return (document?.elements ?? []).flatMap((element) => {
    const { name, inert, start, contentStart, contentEnd, attributes } = element;
    if (name !== 'a' || inert || contentEnd - contentStart > LONGEST_LINK) return [];
    const href = attributes['href']?.trim() ?? '';
    if (!SORT.test(href)) return [];
    const link = { element, href, text: textContent(element), country };
    const isCall = !/mail/i.test(SORT.exec(href)?.[0] ?? '');
    const amiss = spoiltScheme(link) ?? (isCall ? amissCall(link) : amissMail(link));
    if (!amiss) return [];
    const span = amiss.meant ? attributeSpan(source, element, 'href') : undefined;
    const text = attributeText(amiss.meant, span?.quote === '' ? 'attribute' : 'attribute"');
    return [
      finding(
        'agreement/link',
        amiss.message,
        lines.place(start, contentStart),
        isCall ? 'telephone' : 'email',
        { edits: span ? [{ start: span.start, end: span.end, text }] : null, guess: true },
      ),
    ];
  });
}

/** A link with more in it is no number with its name. */
const LONGEST_LINK = 2000;

/** What leads to a number or a mail address, or was to. */
const SORT =
  /^(?:https?:\/\/(?:www\.)?|\/{1,2})?(?:tel|mailto)[:;]|^(?:phone|telephone|telefon|fon|call|mobile|e-?mail)\s*:/i;

/** "http://tel:+44…", "phone:+44…", "tel://+44…", "mailto:// desk@…": no scheme that dials or writes. */
function spoiltScheme({ href, text, country }: Link): Amiss | undefined {
  const [, scheme = '', rest = ''] =
    /^([^:;]+[:;](?:(?:tel|mailto)[:;])?(?:\/\/)?)\s*(.*)$/i.exec(href) ?? [];
  if (/^(?:tel|mailto):(?!\/)$/i.test(scheme)) return undefined;
  const target = percentDecoded(rest).replace(/^(?:tel|mailto)[:;](?:\/\/)?\s*/i, '');
  const [email = '', behind = ''] = target.split(/(?=\?)/);
  const number = readTelephone(target, country).telephone;
  const right = isEmail(email) ? `mailto:${email}${behind}` : number ? `tel:${number.e164}` : '';
  // A page of a site may be called so.
  if (!right && numbersIn(text).length === 0) return undefined;
  const [sort, begins, alone] = isEmail(email)
    ? ['mail', 'mailto:', 'address']
    : ['a call', 'tel:', 'number'];
  return {
    message: `The link “${shortText(href)}” is not written as ${sort}: that is ${begins} and the ${alone} alone.${right ? ` Write ${right}.` : ''}`,
    meant: right,
  };
}

function amissCall({ href, text, country }: Link): Amiss | undefined {
  const target = percentDecoded(href.replace(/^tel:/i, '').replace(/\?.*$/, ''));
  const dialled = readTelephone(target, country).telephone;
  // On a page that describes no business, the number that is dialled tells where it is.
  const shown = telephonesAmong(numbersIn(text), country || (dialled?.country ?? ''));
  const [only] = shown;
  const shows = only && shown.length === 1 ? only : undefined;
  if (!dialled) {
    // Short numbers and codes are dialled as they are; letters are left to the judge of numbers.
    const isEmpty = !/[\d\p{L}]/u.test(target);
    return shows && isEmpty
      ? {
          message: `The link shows “${shortText(shows.text)}” and dials nothing. Write tel:${shows.e164}.`,
          meant: `tel:${shows.e164}`,
        }
      : undefined;
  }
  if (shows && shows.e164 !== dialled.e164) {
    // Of a country that is not the business's, a number is shown without its code and dialled with it.
    const [one, other] = [shows.text, target].map((number) => number.replace(/\D/g, '').replace(/^0+/, ''));
    return one && other?.endsWith(one) ? undefined : otherThanShown(shows.text, 'dials', target);
  }
  // With what is dialled before it at home, or with its country's code and no plus, a call goes through there.
  const [digits, atHome] = [target, dialled.national].map((number) => number.replace(/\D/g, ''));
  const isShort = digits !== undefined && digits !== atHome && atHome?.endsWith(digits);
  // Services for all the country are dialled everywhere as they are: 112, 116117, 11833.
  if (!dialled.assumedCountry || !isShort || /^1\d{2,5}$/.test(digits)) return undefined;
  return {
    message: `The link dials ${shortText(target)}, which is neither whole nor as it is dialled at home. Write tel:${dialled.e164}.`,
    meant: `tel:${dialled.e164}`,
  };
}

function amissMail({ href, text }: Link): Amiss | undefined {
  const target = percentDecoded(href.replace(/^mailto:/i, '').replace(/\?.*$/, '')).trim();
  const [only, ...more] = emailsIn(text).map(({ 0: address }) => address);
  if (only === undefined || more.length > 0 || only.toLowerCase() === target.toLowerCase()) return undefined;
  if (target !== '') return otherThanShown(only, 'writes to', target);
  return /\?/.test(href)
    ? undefined
    : {
        message: `The link shows “${shortText(only)}” and writes to nobody. Write mailto:${only}.`,
        meant: `mailto:${only}`,
      };
}

const otherThanShown = (shown: string, does: string, target: string): Amiss => ({
  message: `The link shows “${shortText(shown)}” and ${does} ${shortText(target)}. Whoever follows it reaches another than they read.`,
  meant: '',
});
