import { foldUrl } from '#core/link';
import { isContradiction, placeOfTold, toldProperties, type Told } from '#core/agreement';
import type { Description } from '#core/agreement';
import { finding, shortText, type SiteFinding } from '#core/fault';
import { groupsOfBusinesses, ownPage } from '#core/agreement';

/** A business as a page describes it. */
interface OnPage {
  readonly url: string;
  readonly description: Description;
}

/** What a page tells of businesses. */
export interface Describing {
  readonly url: string;
  readonly carries: readonly { readonly description: Description | null }[];
}

/** So many values that contradict the first are told of one fact; the rest says nothing new. */
const MOST_VALUES = 5;

/**
 * Businesses that several pages describe and contradict each other about. The business's own page is taken for
 * the one to go by; where it does not tell a fact, the first page that does.
 */
export function contradictingPages(pages: readonly Describing[]): readonly SiteFinding[] {
  const described = pages.flatMap(({ url, carries }) =>
    carries.flatMap(({ description }) => (description ? [{ url, description }] : [])),
  );
  const byAddress = new Map(pages.toReversed().map((page) => [foldUrl(page.url), page]));
  return groupsOfBusinesses(described, ({ description }) => description).flatMap((group) => {
    const ordered = [...group.filter(isOwnPage), ...group.filter((one) => !isOwnPage(one))];
    return [
      ...toldProperties.flatMap((told) => contradicting(ordered, told)),
      ...elsewhere(group, byAddress),
    ];
  });
}

/** A business whose own page, which was read too, does not describe it. */
function elsewhere(
  group: readonly OnPage[],
  byAddress: ReadonlyMap<string, Describing>,
): readonly SiteFinding[] {
  const [first] = group;
  if (!first || group.some(isOwnPage)) return [];
  const { url: named, name, place } = first.description;
  const page = ownPage({ url: named });
  const own = page === '' ? undefined : byAddress.get(page);
  if (!own || own.url === first.url) return [];
  const message = `${shortText(name || 'The business')} names ${own.url} as its page, which does not describe it; ${first.url} does. Markup belongs on the page that its url names.`;
  return [{ url: first.url, finding: finding('agreement/url', message, place, 'url') }];
}

const isOwnPage = ({ url, description }: OnPage): boolean =>
  description.url !== '' && foldUrl(description.url) === foldUrl(url);

function contradicting(group: readonly OnPage[], told: Told): readonly SiteFinding[] {
  const { property, label, text } = told;
  const first = group.find(({ description }) => text(description).trim() !== '');
  if (!first) return [];
  const others = new Map<string, OnPage[]>();
  for (const one of group) {
    if (one.url === first.url || !isContradiction(told, first.description, one.description)) continue;
    const value = text(one.description);
    others.set(value, [...(others.get(value) ?? []), one]);
  }
  return [...others].slice(0, MOST_VALUES).flatMap(([value, [other, ...more]]) => {
    if (!other) return [];
    const also = more.length > 0 ? `, as on ${String(more.length)} more` : '';
    const name = first.description.name || other.description.name || 'The business';
    const message = `${shortText(name)} has a different ${label} from page to page: “${shortText(text(first.description))}” on ${first.url}, “${shortText(value)}” on ${other.url}${also}. A machine cannot tell which is right.`;
    return [
      {
        url: other.url,
        finding: finding('agreement/pages', message, placeOfTold(other.description, property), property, {
          related: [
            {
              message: `The other ${label}`,
              place: placeOfTold(first.description, property),
              page: first.url,
            },
          ],
        }),
      },
    ];
  });
}
