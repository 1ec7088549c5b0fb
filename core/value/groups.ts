import * as z from 'zod';
import { itemsOf, itemValue, textOf, textsOf } from '#core/item';
import { judgeUrl } from '#core/link';
import { judgeRating } from '#core/price';
import { plainText } from '#core/text';
import { partsKind } from './compound.ts';
import { gradeShown } from './grade.ts';
import { selfRating } from './lists.ts';
import { number, plain, shortPlain, url } from './text.ts';

/** The organisation that a branch belongs to. */
export interface Organization {
  readonly name: string;
  readonly url: string;
  readonly id: string;
  readonly logo: string;
}
const noOrganization: Organization = { name: '', url: '', id: '', logo: '' };
const noAround = { country: '', text: () => '' };

export const organization = partsKind<Organization>(
  'organization',
  z
    .object({ name: plain.schema, url: plain.schema, id: plain.schema, logo: plain.schema })
    .default(noOrganization),
  noOrganization,
  {
    judge: (value) =>
      (['url', 'logo'] as const).flatMap((part) => judgeUrl(value[part]).map((one) => ({ ...one, part }))),
    told: (value) =>
      [value.name, value.url, value.logo].some(plainText)
        ? {
            name: plainText(value.name),
            url: plainText(value.url),
            id: plainText(value.id),
            logo: plainText(value.logo),
          }
        : noOrganization,
    write: (value, _, fact) => [
      itemValue(
        'Organization',
        [
          ['name', plain.write(value.name, noAround, ''), [`${fact}.name`]],
          ['url', url.write(value.url, noAround, ''), [`${fact}.url`]],
          ['logo', url.write(value.logo, noAround, ''), [`${fact}.logo`]],
        ],
        [],
        value.id,
      ),
    ],
    read: (item, property) => {
      const [found] = itemsOf(item, property);
      if (!found) return { ...noOrganization, name: textsOf(item, property)[0] ?? '' };
      return {
        name: textOf(found, 'name').trim(),
        url: textOf(found, 'url').trim(),
        id: found.id ?? '',
        logo: textsOf(found, 'logo')[0] ?? '',
      };
    },
    show: ({ name }) => name.trim(),
    grade: ({ told, read }) => gradeShown(told.name, read.name),
    links: (value, change) => ({
      ...value,
      url: change(value.url, 'url'),
      id: change(value.id, 'id'),
      logo: change(value.logo, 'logo'),
    }),
  },
);

/** A rating by others, as found on the site. */
export interface RatingFact {
  readonly ratingValue: string;
  readonly reviewCount: string;
  readonly bestRating: string;
}
const noRating: RatingFact = { ratingValue: '', reviewCount: '', bestRating: '' };

export const rating = partsKind<RatingFact>(
  'rating',
  z
    .object({
      ratingValue: shortPlain.schema,
      reviewCount: shortPlain.schema,
      bestRating: shortPlain.schema,
    })
    .default(noRating),
  noRating,
  {
    judge: ({ ratingValue, reviewCount, bestRating }) =>
      [
        ...judgeRating({ ratingValue, count: reviewCount, bestRating }, true),
        ...(ratingValue.trim() ? [selfRating] : []),
      ].map((one) => ({ ...one, part: 'ratingValue' })),
    told: ({ ratingValue, reviewCount, bestRating }) => ({
      ratingValue: plainText(ratingValue),
      reviewCount: plainText(reviewCount),
      bestRating: plainText(bestRating),
    }),
    write: (value, _, fact) => [
      itemValue(
        'AggregateRating',
        (['ratingValue', 'bestRating', 'reviewCount'] as const).map((part) => [
          part,
          number.write(value[part], noAround, ''),
          [`${fact}.${part}`],
        ]),
        [],
      ),
    ],
    read: (item, property) => {
      const [found] = itemsOf(item, property);
      if (!found) return noRating;
      return {
        ratingValue: textOf(found, 'ratingValue').trim(),
        reviewCount: (textOf(found, 'reviewCount') || textOf(found, 'ratingCount')).trim(),
        bestRating: textOf(found, 'bestRating').trim(),
      };
    },
    show: ({ ratingValue }) => ratingValue.trim(),
    grade: ({ told, read }) => gradeShown(told.ratingValue, read.ratingValue),
  },
);
