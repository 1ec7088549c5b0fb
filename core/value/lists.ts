import * as z from 'zod';
import { fault } from '#core/fault';
import {
  closedSpan,
  datesOf,
  emptyHours,
  judgeSpecial,
  readSpecial,
  readWeek,
  specialDays,
  writeDay,
  writeSpecialWeek,
  writeWeek,
  type Day,
  type Span,
  type SpecialHours,
} from '#core/hours';
import {
  itemsOf,
  itemValue,
  linkValue,
  textOf,
  textValue,
  valuesOf,
  type MarkupValue,
  type Said,
} from '#core/item';
import { readTelephone } from '#core/phone';
import { judgeRating } from '#core/price';
import { plainText } from '#core/text';
import { areOf, isDiscouraged, typeNamed } from '#core/vocabulary';
import { specification, toldWeek, weekItems } from './compound.ts';
import { entries, field, fieldsItem, writeEntries, type Entry } from './entries.ts';
import type { Around, ValueKind } from './kind.ts';
import {
  addresses,
  date,
  email,
  listOf,
  number,
  plain,
  shortPlain,
  telephone,
  textKind,
  url,
} from './text.ts';
import { specialHoursOf, weekOf } from './week.ts';

/** The types to write: the record's own, with LocalBusiness beside them where none of them is one. */
export function markupTypes(types: readonly string[]): readonly string[] {
  return areOf(types, 'LocalBusiness') ? types : [...types, 'LocalBusiness'];
}

/** Names of schema.org types, the first one the main one. */
export const types: ValueKind<string[]> = {
  ...listOf(plain, { mostEntries: 10, mostCharacters: 100, name: 'types' }),
  judge: (value) =>
    value.flatMap((type) => {
      const known = typeNamed(type);
      if (!known) return [fault('vocabulary/unknown-type', `schema.org has no type ${type}.`)];
      if (known.supersededBy)
        return [fault('vocabulary/superseded', `${type} has been superseded by ${known.supersededBy}.`)];
      if (!isDiscouraged(type)) return [];
      const message = `schema.org discourages ${type}. Where the trade has a type of its own, take that.`;
      return [fault('vocabulary/discouraged', message)];
    }),
  told: (value) => [...markupTypes(value)],
  write: () => [],
  read: (item) => item.types.filter((type) => typeNamed(type)),
  becomes: (value) => markupTypes(value).join(', '),
};

/** People with their profiles. */
export const people = entries(
  'entries',
  { name: field('Founder', plain), url: field('Profiles', addresses) },
  {
    write: ({ name, url: profiles }, around, facts) =>
      itemValue(
        'Person',
        [
          ['name', [textValue(name)]],
          ['sameAs', addresses.write(profiles, around, '')],
        ],
        facts,
      ),
    read: (item, property) =>
      valuesOf(item, property).flatMap((value) => {
        const said =
          value.kind === 'text'
            ? { name: value.text.trim(), url: '' }
            : {
                name: textOf(value.item, 'name').trim(),
                url: addresses.read(value.item, 'sameAs') || textOf(value.item, 'url').trim(),
              };
        return said.name || said.url ? [said] : [];
      }),
  },
);

/** The days of an exception, those with equal spans together. */
export function specialGroups(
  special: SpecialHours,
): readonly { readonly grouped: readonly Day[]; readonly spans: readonly Span[] }[] {
  const groups = new Map<string, { grouped: Day[]; spans: readonly Span[] }>();
  for (const [day, spans] of specialDays(special)) {
    const group = groups.get(writeDay(spans)) ?? { grouped: [], spans };
    group.grouped.push(day);
    groups.set(writeDay(spans), group);
  }
  return [...groups.values()];
}

function specialItems(special: SpecialHours, facts: readonly string[]): readonly MarkupValue[] {
  const dates = datesOf(special);
  if (!dates) return [];
  const extra: readonly Said[] = [
    ['name', [textValue(special.name)]],
    ['validFrom', [textValue(dates.from)]],
    ['validThrough', [textValue(dates.through)]],
  ];
  return specialGroups(special).flatMap(({ grouped, spans }) =>
    (spans.length > 0 ? spans : [closedSpan]).map((span) =>
      specification(span, facts, [
        ...(grouped.length < 7 ? [['dayOfWeek', grouped.map(textValue)] as const] : []),
        ...extra,
      ]),
    ),
  );
}

function toldSpecial(special: SpecialHours): readonly SpecialHours[] {
  const dates = datesOf(special);
  const groups = specialGroups(special);
  if (!dates || groups.length === 0) return [];
  const hours = {
    ...emptyHours,
    ...Object.fromEntries(
      groups.flatMap(({ grouped, spans }) => grouped.map((day) => [day, writeDay(spans)] as const)),
    ),
  };
  return [
    {
      name: plainText(special.name),
      from: dates.from,
      through: dates.through === dates.from ? '' : dates.through,
      hours: writeSpecialWeek(hours),
    },
  ];
}

/** Dated exceptions and seasons: ISO 8601 dates, hours as a week's text. */
export const exceptions = {
  ...entries(
    'exceptions',
    {
      name: field('Name', shortPlain),
      from: field('From', textKind('date', {}, 200)),
      through: field('Through', textKind('date', {}, 200)),
      hours: field('Hours', plain),
    },
    {
      judge: (value) => value.flatMap(judgeSpecial),
      write: () => textValue(''),
      read: (item) => specialHoursOf(item),
      told: (_, typed) => toldSpecial(typed),
      // A closure is known by its dates: what it is called is no disagreement.
      show: ({ from, through, hours }) =>
        `${through && through !== from ? `${from} to ${through}` : from}: ${hours.trim() || 'closed'}`,
      inner: { name: 'text', validFrom: 'date', validThrough: 'date' },
    },
  ),
  write: (value: SpecialHours[], _: unknown, fact: string) =>
    value.flatMap((special) => specialItems(special, [fact])),
  meant: (text: string, { country }: Around): string => {
    const lines = text.split('\n').filter((line) => line.trim());
    const read = lines.map((line) => (line.includes('|') ? undefined : readSpecial(line, country)));
    if (!read.some(Boolean)) return '';
    const keys = ['name', 'from', 'through', 'hours'] as const;
    return lines
      .map((line, at) => {
        const special = read[at];
        return special ? writeEntries(keys, [special]) : line;
      })
      .join('\n');
  },
};

const international = (number: string, country: string): string =>
  readTelephone(number, country).telephone?.international ?? number.trim();

const joined = (...parts: readonly string[]): string => parts.filter((part) => part.trim()).join(', ');

const contactFields = {
  contactType: field('For', shortPlain),
  telephone: field('Telephone', telephone),
  email: field('Email', email),
  url: field('Page', url),
};

/** Ways to reach parts of a business (schema.org/ContactPoint). */
export const contactPoints = entries('entries', contactFields, {
  write: fieldsItem('ContactPoint', contactFields),
  read: () => [],
  show: ({ contactType, telephone: typed, email: written }, { country }) =>
    joined(contactType, international(typed, country), written),
});

const typeName = textKind(
  'type',
  {
    judge: (value) =>
      value.trim() && !typeNamed(value.trim())
        ? [fault('vocabulary/unknown-type', `schema.org has no type ${value.trim()}.`)]
        : [],
    told: (value) => plainText(value) || 'LocalBusiness',
  },
  200,
);

const weekText = textKind('week', {
  judge: (value) => readWeek(value).faults,
  told: (value) => writeWeek(toldWeek(readWeek(value).hours)),
});

/** Parts of a business with a number, page or hours of their own. */
export const departments = entries(
  'entries',
  {
    name: field('Department', plain, 'A department needs its name.'),
    type: field('Type', typeName),
    telephone: field('Telephone', telephone),
    url: field('Page', url),
    hours: field('Hours', weekText),
  },
  {
    write: ({ name, type, telephone: typed, url: page, hours }, around, facts) =>
      itemValue(
        typeName.told(type, around),
        [
          ['name', [textValue(name)]],
          ['url', [linkValue(page)]],
          ['telephone', telephone.write(typed, around, '')],
          ['openingHoursSpecification', weekItems(readWeek(hours).hours, () => facts[0] ?? '')],
        ],
        facts,
      ),
    read: (item, property) =>
      itemsOf(item, property).map((department) => ({
        name: textOf(department, 'name').trim(),
        type: department.types[0] ?? '',
        telephone: textOf(department, 'telephone').trim(),
        url: textOf(department, 'url').trim(),
        hours: writeWeek(weekOf(department)),
      })),
    tells: ({ name, telephone: typed, url: page, hours }) => Boolean(name || typed || page || hours),
    show: ({ name, telephone: typed }, { country }) => joined(name, international(typed, country)),
    inner: { name: 'text', url: 'url', telephone: 'telephone' },
  },
);

const ratingValue = textKind(
  'number',
  {
    ...number,
    judge: (value) => judgeRating({ ratingValue: value, count: '', bestRating: '' }, false),
  },
  200,
);

export const selfRating = fault(
  'guideline/self-rating',
  'Search engines show no ratings that a business gives itself on its own site. Only write what stands there.',
);

const reviewEntries = entries(
  'entries',
  {
    author: field('Author', plain),
    ratingValue: field('Value', ratingValue),
    datePublished: field('Date', date),
    reviewBody: field('Text', textKind('text', {}, 5000)),
  },
  {
    write: ({ author, ratingValue: value, datePublished, reviewBody }, around, facts) =>
      itemValue(
        'Review',
        [
          ['author', [itemValue('Person', [['name', [textValue(author)]]], facts)]],
          ['datePublished', [textValue(datePublished)]],
          ['reviewRating', [itemValue('Rating', [['ratingValue', number.write(value, around, '')]], facts)]],
          ['reviewBody', [textValue(reviewBody)]],
        ],
        facts,
      ),
    read: (item, property) =>
      itemsOf(item, property).map((review) => {
        const [author] = itemsOf(review, 'author');
        const [rating] = itemsOf(review, 'reviewRating');
        return {
          author: (author ? textOf(author, 'name') : textOf(review, 'author')).trim(),
          ratingValue: rating ? textOf(rating, 'ratingValue').trim() : '',
          datePublished: textOf(review, 'datePublished').trim(),
          reviewBody: textOf(review, 'reviewBody').trim(),
        };
      }),
  },
);

/** Reviews by others; that a business shows its own is told once, at its rating where it has one. */
export const reviews: typeof reviewEntries = {
  ...reviewEntries,
  judge: (value, around) => [
    ...(value.length > 0 && !around.text('aggregateRating.ratingValue').trim() ? [selfRating] : []),
    ...reviewEntries.judge(value, around),
  ],
};

const size = textKind(
  'number',
  {
    ...number,
    judge: (value) =>
      value.trim() && !/^\d{1,6}$/.test(value.trim())
        ? [fault('value/size', `“${value}” is no size in pixels. Write a number like 1600.`)]
        : [],
  },
  200,
);

const imageFields = {
  url: field('Address', url, 'An image needs its address.'),
  caption: field('Alternative text', plain),
  width: field('Width', size),
  height: field('Height', size),
};
const imageKeys = Object.keys(imageFields) as (keyof typeof imageFields)[];
export type Image = Entry<keyof typeof imageFields>;

/** A picture: its bare address, or an ImageObject where more is known of it. */
export function imageValue(image: Image, facts: readonly string[], id = ''): MarkupValue {
  const { url: address, caption, width, height } = image;
  if (!id && ![caption, width, height].some((one) => plainText(one))) return linkValue(address);
  const around = { country: '', text: () => '' };
  return itemValue(
    'ImageObject',
    imageKeys.map((key): Said => [key, imageFields[key].kind.write(image[key], around, '')]),
    facts,
    id,
  );
}

/** Pictures with their alternative text and size in pixels. */
export const images = entries('images', imageFields, {
  write: (entry, _, facts) => (plainText(entry.url) ? imageValue(entry, facts) : linkValue('')),
  read: (item, property) =>
    valuesOf(item, property).flatMap((value) => {
      if (value.kind === 'text')
        return value.text.trim() ? [{ url: value.text.trim(), caption: '', width: '', height: '' }] : [];
      const [width = '', height = ''] = ['width', 'height'].map((name) => textOf(value.item, name).trim());
      const address =
        (textOf(value.item, 'url') || textOf(value.item, 'contentUrl')).trim() || (value.item.id ?? '');
      const caption = (textOf(value.item, 'caption') || textOf(value.item, 'description')).trim();
      return address || caption ? [{ url: address, caption, width, height }] : [];
    }),
  tells: ({ url: address }) => address !== '',
  // Records once held bare addresses.
  schema: z.preprocess(
    (value) => (typeof value === 'string' ? { url: value, caption: '', width: '', height: '' } : value),
    z.object({
      url: plain.schema,
      caption: plain.schema,
      width: shortPlain.schema,
      height: shortPlain.schema,
    }),
  ),
  linkedBy: 'url',
  inner: { url: 'url', caption: 'text', contentUrl: 'url' },
});
