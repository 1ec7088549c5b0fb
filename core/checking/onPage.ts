import { finding, shortText, type Finding } from '#core/fault';
import { textContent, type HtmlDocument } from '#core/html';
import { isSubtype } from '#core/vocabulary';
import { itemsOf, textOf, valuesOf, type ReadItem } from '#core/item';
import { foldUrl, parseUrl, siteOf, withCapitalHex } from '#core/link';
import { addressOf } from '#core/record';
import { VisitorSearch } from '#core/agreement';
import { businessesIn, canonicalOf, isLocalBusiness, type Reading } from '#core/reading';
import { judgeMailHosts } from './mailHosts.ts';
import { judgeMaps } from './maps.ts';
import { judgeHead } from './pageHead.ts';
import { judgePageLinks } from './pageLinks.ts';
import { instead } from './spot.ts';

/** What markup says beside what its page says of itself: its canonical address, its ratings, its pictures. */
export const judgeOnPage = (reading: Reading): readonly Finding[] => [
  ...judgeCanonical(reading),
  ...judgeRatingShown(reading),
  ...judgeAlternativeText(reading),
  ...judgeCapitals(reading),
  ...judgePageLinks(reading),
  ...judgeMailHosts(reading),
  ...judgeHead(reading),
  ...judgeMaps(reading),
];

/**
 * A business's `url` that is the page's own address in another spelling, with http, `www.` or a slash, that is another
 * page on the site's other name, a sister's, or one above or below.
 */
function judgeCanonical(reading: Reading): readonly Finding[] {
  const canonical = canonicalOf(reading.document, reading.base);
  if (!canonical) return [];
  return businessesIn(reading.items).flatMap((item) => {
    const [value] = valuesOf(item, 'url');
    const written = value?.kind === 'text' ? (parseUrl(value.text.trim())?.href ?? '') : '';
    if (value?.kind !== 'text' || !written || withCapitalHex(written) === withCapitalHex(canonical))
      return [];
    const { follows, meant, code = 'agreement/canonical' } = otherThan(canonical, written, item, reading);
    if (!follows) return [];
    const message = `The business names ${value.text.trim()} as its page, the page’s canonical link ${canonical}. ${follows}`;
    const edits = instead(value, meant);
    return [finding(code, message, value.place, 'url', { edits, guess: true })];
  });
}

/** What follows from an address that is not the canonical one, '' for nothing, and what was meant by it. */
function otherThan(
  canonical: string,
  written: string,
  item: ReadItem,
  reading: Reading,
): { readonly follows: string; readonly meant: string; readonly code?: Finding['code'] } {
  if (foldUrl(written) === foldUrl(canonical))
    return { follows: 'A machine takes them for two addresses.', meant: canonical };
  if (isTwinOrigin(written, canonical))
    return { follows: 'A machine takes them for two sites.', meant: onOriginOf(written, canonical) };
  const [one, other] = [pathOf(written), pathOf(canonical)];
  if (one.host !== other.host || one.language !== other.language || one.path === other.path)
    return { follows: '', meant: '' };
  if (!showsOnly(item, reading)) return { follows: '', meant: '' };
  // A site of one business may say of its contact page that the business’s page is the home page.
  const isAbove = one.path.startsWith(other.path) || other.path.startsWith(one.path);
  if (isAbove && !isOfBusiness(item, reading)) return { follows: '', meant: '' };
  return isAbove
    ? {
        follows: 'Where a branch has a page of its own, its url is that one.',
        meant: '',
        code: 'agreement/other-page',
      }
    : {
        follows:
          'One of them is another page’s: the url is the address of the page that describes the business.',
        meant: canonical,
      };
}

/** Whether two addresses stand on one site that one of them writes with `www.` or http, and the other without. */
const isTwinOrigin = (one: string, other: string): boolean =>
  siteOf(one) === siteOf(other) && parseUrl(one)?.origin !== parseUrl(other)?.origin;

/** An address on the origin of another. */
const onOriginOf = (address: string, origin: string): string => {
  const url = parseUrl(address);
  return url ? new URL(`${url.pathname}${url.search}${url.hash}`, origin).href : address;
};

/** What a page has beside its subject. */
const BESIDE = ['WebSite', 'WebPage', 'BreadcrumbList', 'Organization', 'Person', 'ImageObject', 'ItemList'];

/** Whether a page is about a business, and not about what it sells or does. */
const isOfBusiness = (business: ReadItem, { items }: Reading): boolean =>
  items.includes(business) &&
  items.every(
    ({ types }) =>
      types.length === 0 ||
      types.some((type) => BESIDE.some((one) => isSubtype(type, one)) || isSubtype(type, 'Place')),
  );

/** Whether a page shows the address of its only business. */
function showsOnly(item: ReadItem, { items, visible }: Reading): boolean {
  if (!visible || businessesIn(items).filter(isLocalBusiness).length !== 1 || !isLocalBusiness(item))
    return false;
  const street = addressOf(item).streetAddress.trim();
  return street !== '' && new VisitorSearch(visible).findStreet(street, '').agreement !== 'missing';
}

/** An address by its host, the language that its path begins with ('' for none), and its path, which ends with a slash. */
function pathOf(address: string): {
  readonly host: string;
  readonly language: string;
  readonly path: string;
} {
  const url = parseUrl(address);
  const path = `${url?.pathname.replace(/\/$/, '') ?? ''}/`;
  const [, language = ''] = /^\/([a-z]{2}(?:-[a-z]{2})?)\//i.exec(path) ?? [];
  return { host: siteOf(address), language, path };
}

/** The names of more businesses are not looked for on their page. */
const MOST_NAMES = 100;

/** A business's name in capitals of which its page says in its text or title how it is written. */
function judgeCapitals({ items, visible, document }: Reading): readonly Finding[] {
  let page: { readonly shown: string; readonly lower: string } | undefined;
  const lettersOfPage = (): NonNullable<typeof page> => {
    const title = document?.elements.find(({ name }) => name === 'title');
    const shown = `${visible?.text ?? ''}\n${title ? textContent(title) : ''}`;
    return (page ??= { shown, lower: shown.toLowerCase() });
  };
  return businessesIn(items)
    .slice(0, MOST_NAMES)
    .flatMap((item) => {
      const [value] = valuesOf(item, 'name');
      const name = value?.kind === 'text' ? value.text.trim() : '';
      // What is written in capitals alone is judged without a page where it is longer.
      const words = name.match(/\p{L}{3,}/gu) ?? [];
      if (value?.kind !== 'text' || words.length > 2 || !/\p{Lu}{4}/u.test(name) || /\p{Ll}/u.test(name))
        return [];
      const { shown, lower } = lettersOfPage();
      if (shown.includes(name)) return [];
      const at = lower.indexOf(name.toLowerCase());
      const written = shown.slice(at, at + name.length);
      if (at < 0 || written.toUpperCase() !== name.toUpperCase()) return [];
      const message = `“${shortText(name)}” is written in capitals, the page writes “${shortText(written)}”. Write it as it stands over the door.`;
      return [
        finding('value/name-capitals', message, value.place, 'name', {
          edits: instead(value, written),
          guess: true,
        }),
      ];
    });
}

/** Ratings of which a visitor sees neither the value nor the number of reviews. */
function judgeRatingShown({ items, visible, document }: Reading): readonly Finding[] {
  if (!visible?.text) return [];
  const page = numbersOn(visible.text, document);
  return businessesIn(items).flatMap((item) =>
    itemsOf(item, 'aggregateRating').flatMap((rating) => {
      const numbers = ['ratingValue', 'reviewCount', 'ratingCount'].flatMap((name) => {
        const text = textOf(rating, name).trim().replace(',', '.');
        return /^\d{1,12}(?:\.\d{1,6})?$/.test(text) ? [text] : [];
      });
      const other = countShown(rating, page) ?? valueShown(rating, page);
      if (other) return [other];
      const [value] = numbers;
      // A value that is no number is told as that.
      if (
        value === undefined ||
        !/^[\d.,]+$/.test(textOf(rating, 'ratingValue').trim()) ||
        numbers.some(page.shows)
      )
        return [];
      const message = `The markup gives a rating of ${value}, and a visitor sees none on the page. Search engines want ratings shown.`;
      return [finding('agreement/rating-not-visible', message, rating.place, 'aggregateRating')];
    }),
  );
}

/** Another number of reviews than the markup's, beside a rating that is shown as it is told. */
function countShown(rating: ReadItem, page: NumbersOnPage): Finding | undefined {
  const told = textOf(rating, 'ratingValue').trim().replace(',', '.');
  const [property = ''] = ['reviewCount', 'ratingCount'].filter((name) => textOf(rating, name).trim() !== '');
  const [count] = property ? valuesOf(rating, property) : [];
  if (count?.kind !== 'text' || !/^\d{1,9}$/.test(count.text.trim()) || !/^\d{1,3}(?:\.\d+)?$/.test(told))
    return undefined;
  if (!page.shows(told) || page.shows(count.text.trim())) return undefined;
  const shown = page.reviews();
  if (!shown) return undefined;
  const message = `A visitor sees ${shown.trim()} reviews, a machine is told ${count.text.trim()}.`;
  return finding('agreement/rating-not-visible', message, count.place, property);
}

/** Another rating than the markup's, out of as many, where the number of reviews is shown as it is told. */
function valueShown(rating: ReadItem, page: NumbersOnPage): Finding | undefined {
  const [value] = valuesOf(rating, 'ratingValue');
  const told = value?.kind === 'text' ? value.text.trim().replace(',', '.') : '';
  if (value?.kind !== 'text' || !/^\d{1,3}(?:\.\d+)?$/.test(told) || page.shows(told)) return undefined;
  const best = Number(textOf(rating, 'bestRating').trim() || 5);
  const other = page.ratings().find(([, , most]) => Number(most) === best);
  if (!other) return undefined;
  const message = `A visitor sees ${other[0].trim()}, a machine is told ${told}.`;
  return finding('agreement/rating-not-visible', message, value.place, 'ratingValue');
}

/** A rating and the most there is: "4.1 out of 5", "4,1/5", "4,1 von 5 Sternen". */
const OUT_OF =
  /(?<![\d.,/])(\d{1,2}(?:[.,]\d{1,2})?)\s*(?:\/|out of|of|von|sur|de|sobre|su|van(?: de)?|av|af|z|ze|din|из|з|από|点中)\s*(5|10|100)(?![\d/.,]\d|\d)/giu;

/** A number of reviews, in the languages that hours are read in. */
const REVIEWS =
  /(?<![\d.,])(\d{1,3}(?:[.,\s]\d{3})*|\d+)\s*(?:google[- ]?)?(?:reviews?|ratings?|votes?|bewertungen|rezensionen|stimmen|avis|opiniones|reseñas|valoraciones|recensioni|voti|beoordelingen|reviews|avaliações|opinii|opinie|ocen|omdömen|recensioner|anmeldelser|vurderinger|arvostelua|hodnocení|recenzí|értékelés|recenzii|yorum|değerlendirme|отзыв\p{L}*|відгук\p{L}*|κριτικές|αξιολογήσεις|件の(?:口コミ|レビュー)|件|리뷰|条评价|則評論)/iu;

/** What a page shows of numbers, looked for once each, however many businesses it has. */
interface NumbersOnPage {
  readonly shows: (number: string) => boolean;
  /** The number of reviews; '' for none. */
  readonly reviews: () => string;
  readonly ratings: () => readonly RegExpExecArray[];
}

/** More numbers of one page are not looked for. */
const MOST_NUMBERS = 300;

function numbersOn(text: string, document: HtmlDocument | undefined): NumbersOnPage {
  const known = new Map<string, boolean>();
  let reviews: string | undefined;
  let ratings: readonly RegExpExecArray[] | undefined;
  return {
    shows: (number) => {
      const is = known.get(number) ?? (known.size >= MOST_NUMBERS || isShown(number, text, document));
      known.set(number, is);
      return is;
    },
    reviews: () => (reviews ??= REVIEWS.exec(text)?.[1] ?? ''),
    ratings: () => (ratings ??= [...text.matchAll(OUT_OF)]),
  };
}

/** Whether a number stands in what visitors read or have read to them, however its decimals and thousands are written. */
function isShown(number: string, text: string, document: HtmlDocument | undefined): boolean {
  const [whole = '', decimals = ''] = number.split('.');
  const digits = whole.replace(/\B(?=(?:\d{3})+$)/g, '[.,’\u0027\\s]?');
  const kept = decimals.replace(/0+$/, '');
  const written = new RegExp(`(?<![\\d.,])${digits}${kept ? `[.,]${kept}0*` : '(?:[.,]0+)?'}(?!\\d)`);
  return (
    written.test(text) ||
    (document?.elements.some(({ attributes }) =>
      ['aria-label', 'title', 'alt'].some((name) => written.test(attributes[name] ?? '')),
    ) ??
      false)
  );
}

const PICTURES = /(?:^|\s)(?:https?:\/\/schema\.org\/|schema:)?(?:logo|image|photo)(?:\s|$)/;

/** Logos and pictures of the business that say nothing to those who do not see them. */
const judgeAlternativeText = ({ document, lines }: Reading): readonly Finding[] =>
  (document?.marked ?? []).flatMap(({ name, inert, attributes, start, contentStart }) => {
    const property = attributes['itemprop'] ?? attributes['property'] ?? '';
    if (name !== 'img' || inert || !PICTURES.test(property) || (attributes['alt'] ?? '').trim()) return [];
    const message = `This picture of the business has no alternative text. Say in alt what it shows.`;
    return [finding('guideline/alternative-text', message, lines.place(start, contentStart), property)];
  });
