import { finding, type Finding } from '#core/fault';
import { eachItem, itemsOf, textOf, valuesOf, type Met, type ReadItem, type ReadProperty } from '#core/item';
import type { Reading } from '#core/reading';
import { jsonString, type Edit } from '#core/text';
import { currencyOf } from '#core/value';
import { areOf, isSubtype, typeNamed } from '#core/vocabulary';
import { propertiesMeant } from './meant.ts';
import type { Profile } from './profile.ts';
import { placeOfMissing } from './unsaid.ts';
import { countryOfItem } from './values.ts';

/** What an item needs before a machine can make anything of it. */
interface Need {
  /** Of this type, and of those under it. */
  readonly of: string;
  /** One of these; the first one is the one to name. */
  readonly oneOf: readonly string[];
  readonly asked?: (at: Met) => boolean;
  /** What follows without it, behind "… is missing: ". */
  readonly why: string;
  /** At most worth having: what the lists recommend, and nobody misses. */
  readonly isExtra?: true;
}

const has = (item: ReadItem | undefined, ...names: readonly string[]): boolean =>
  item?.properties.some(({ name }) => names.includes(name)) ?? false;
const isOf = (item: ReadItem | undefined, type: string): boolean =>
  item !== undefined && areOf(item.types, type);
const isAlone = ({ owner }: Met): boolean => owner === undefined;
/** A part of another item that is described there, and not only named by its address. */
const isPart = ({ item, owner }: Met): boolean =>
  owner !== undefined && item.id === null && !has(item, 'url', 'sameAs');
/** What is told more of than where it is described. */
const isDescribed = ({ item }: Met): boolean =>
  item.properties.filter(({ name }) => name !== 'url' && name !== 'sameAs').length > 1;
/** An event that people go to: schema.org counts comments and likes among events too (UserInteraction). */
const isEventTold = (at: Met): boolean => isDescribed(at) && !isOf(at.item, 'UserInteraction');
const inCrumbs = ({ owner }: Met): boolean => isOf(owner, 'BreadcrumbList');
const isPriced = ({ item, owner }: Met): boolean =>
  ['price', 'lowPrice', 'highPrice', 'minPrice', 'maxPrice'].some((name) => Number(textOf(item, name)) > 0) &&
  !has(owner, 'priceCurrency');
/** Every step of a trail but the last one, which is the page itself. */
const isOnTheWay = (at: Met): boolean =>
  inCrumbs(at) && at.owner?.properties.findLast(({ name }) => name === 'itemListElement') !== at.within;
const isForSale = ({ within, owner }: Met): boolean => within?.name === 'offers' && isOf(owner, 'Product');
const isSpecial = ({ within }: Met): boolean => within?.name === 'specialOpeningHoursSpecification';

const NAMES = ['name', 'legalName', 'alternateName', 'givenName', 'familyName'];
const OF_PRICES = ['Offer', 'PriceSpecification'];

/**
 * What the search engines' lists require of what stands beside businesses and in them (offers, events, questions,
 * breadcrumbs, reviews, videos), and what schema.org's own descriptions say that a thing is made of (GeoCircle,
 * specialOpeningHoursSpecification, ContactPoint).
 */
const NEEDS: readonly Need[] = [
  ...OF_PRICES.map((of): Need => ({
    of,
    oneOf: ['priceCurrency', 'currency'],
    asked: isPriced,
    why: 'a price is an amount of no currency without it. Write a code like USD, GBP or EUR.',
  })),
  { of: 'GeoCircle', oneOf: ['geoMidpoint'], why: 'a circle lies nowhere without its centre.' },
  {
    of: 'GeoCircle',
    oneOf: ['geoRadius'],
    why: 'a circle has no size without it. Give metres, or a number with its unit.',
  },
  {
    of: 'Event',
    oneOf: ['name'],
    asked: isEventTold,
    why: 'search engines show no event without it.',
  },
  {
    of: 'Event',
    oneOf: ['startDate', 'eventSchedule'],
    asked: isEventTold,
    why: 'search engines show no event without it. Give the date, or date and time.',
  },
  {
    of: 'Event',
    oneOf: ['location'],
    asked: (at) => isEventTold(at) && !isOf(at.owner, 'Place') && !isOf(at.owner, 'Event'),
    why: 'search engines show no event without the place where it is.',
  },
  { of: 'MenuItem', oneOf: ['name'], asked: isPart, why: 'a dish is none without it.' },
  {
    of: 'LocationFeatureSpecification',
    oneOf: ['name', 'propertyID', 'alternateName', 'description'],
    why: 'a machine does not know which feature it is.',
  },
  {
    of: 'QuantitativeValue',
    oneOf: ['value', 'minValue', 'maxValue', 'valueReference', 'additionalProperty'],
    why: 'there is no number in it.',
  },
  {
    of: 'FAQPage',
    oneOf: ['mainEntity', 'hasPart', 'about'],
    why: 'there is no question on the page to a machine.',
  },
  {
    of: 'Question',
    oneOf: ['name', 'text'],
    asked: ({ owner }) => isOf(owner, 'FAQPage'),
    why: 'a machine finds no question in it.',
  },
  {
    of: 'Question',
    oneOf: ['acceptedAnswer', 'suggestedAnswer'],
    asked: ({ owner }) => isOf(owner, 'FAQPage'),
    why: 'search engines show no question without its answer.',
  },
  { of: 'Answer', oneOf: ['text', 'name', 'description'], why: 'there is no answer in it.' },
  { of: 'BreadcrumbList', oneOf: ['itemListElement'], why: 'there is no step in it.' },
  {
    of: 'ListItem',
    oneOf: ['position'],
    asked: inCrumbs,
    why: 'search engines show no trail without the numbers of its steps, counted from 1 on.',
  },
  {
    of: 'ListItem',
    oneOf: ['name'],
    asked: (at) => inCrumbs(at) && !itemsOf(at.item, 'item').some((one) => has(one, ...NAMES)),
    why: 'search engines show no step without it.',
  },
  {
    of: 'ListItem',
    oneOf: ['item', 'url'],
    asked: isOnTheWay,
    why: 'every step but the last one leads somewhere. Give its whole address.',
  },
  {
    of: 'Review',
    oneOf: ['itemReviewed'],
    asked: isAlone,
    why: 'it stands by itself, so a machine does not know what it is about. Put it into the review of the business, or name the business there.',
  },
  {
    of: 'AggregateRating',
    oneOf: ['itemReviewed'],
    asked: isAlone,
    why: 'it stands by itself, so a machine does not know what was rated. Put it into the aggregateRating of the business, or name the business there.',
  },
  {
    of: 'Person',
    oneOf: NAMES,
    asked: (at) => isPart(at) || isDescribed(at),
    why: 'a machine does not know who it is.',
  },
  { of: 'Organization', oneOf: NAMES, asked: isPart, why: 'a machine does not know who it is.' },
  {
    of: 'Service',
    oneOf: ['name', 'serviceType', 'alternateName'],
    asked: isDescribed,
    why: 'a machine does not know what is done.',
  },
  {
    of: 'Product',
    oneOf: ['name', 'alternateName'],
    asked: isDescribed,
    why: 'search engines show no product without it.',
  },
  {
    of: 'Offer',
    oneOf: ['price', 'priceSpecification', 'lowPrice', 'highPrice'],
    asked: isForSale,
    why: 'search engines show no product for sale without it.',
  },
  {
    of: 'ContactPoint',
    oneOf: ['telephone', 'email', 'url', 'faxNumber', 'sameAs'],
    asked: ({ item }) => !isOf(item, 'PostalAddress'),
    why: 'nobody can be reached by it.',
  },
  {
    of: 'ContactPoint',
    oneOf: ['contactType'],
    asked: ({ item }) => !isOf(item, 'PostalAddress'),
    why: 'say what it is for: "customer service", "reservations".',
    isExtra: true,
  },
  ...['name', 'thumbnailUrl', 'uploadDate'].map((name): Need => ({
    of: 'VideoObject',
    oneOf: [name, ...(name === 'thumbnailUrl' ? ['thumbnail'] : [])],
    why: 'search engines show no video without it.',
  })),
  {
    of: 'ImageObject',
    oneOf: ['contentUrl', 'url', 'embedUrl', 'thumbnailUrl', 'mainEntityOfPage'],
    asked: isAlone,
    why: 'there is no picture in it.',
  },
];

/** The needs of a type; there are as many as schema.org has types. */
const needsByType = new Map<string, readonly Need[]>();
function needsOf(type: string): readonly Need[] {
  if (!typeNamed(type)) return [];
  const known = needsByType.get(type);
  if (known) return known;
  const needs = NEEDS.filter(({ of }) => isSubtype(type, of));
  needsByType.set(type, needs);
  return needs;
}

/** Items that lack what they say nothing without. Nobody asks that who only wants to know whether what is said is right. */
export function judgeIncomplete({ items }: Reading, profile: Profile): readonly Finding[] {
  if (profile.wants.length === 0) return [];
  const all = eachItem(items);
  let currency: string | undefined;
  const ofSource = (): string => (currency ??= currencyAmong(all));
  return all.flatMap((at) => [...judgeNeeds(at, ofSource), ...judgeDays(at), ...judgeQuery(at)]);
}

/** What is paid with where all addresses of a source are; '' for several countries, or none. */
function currencyAmong(all: readonly Met[]): string {
  const countries = new Set(all.flatMap(({ item }) => countryOfItem(item) || []));
  const [country = '', ...others] = countries;
  return others.length === 0 ? currencyOf(country) : '';
}

function judgeNeeds(at: Met, currency: () => string): readonly Finding[] {
  const { item } = at;
  if (item.properties.length === 0) return [];
  const needs = new Set(item.types.flatMap(needsOf));
  const missing = [...needs].filter(({ oneOf, asked }) => !has(item, ...oneOf) && (!asked || asked(at)));
  if (missing.length === 0) return [];
  const meant = propertiesMeant(item);
  return missing
    .filter(({ oneOf }) => !oneOf.some((name) => meant.has(name)))
    .map(({ oneOf: [name = ''], why, isExtra }) =>
      finding(
        isExtra ? 'guideline/worth-having' : 'guideline/incomplete',
        `${name} is ${isExtra ? 'not given' : 'missing'}: ${why}`,
        placeOfMissing(item, name),
        name,
        { edits: name === 'priceCurrency' ? withCurrency(item, currency()) : null, guess: true },
      ),
    );
}

/** Special hours of one day alone are those of every day after it, or before it (schema.org, specialOpeningHoursSpecification). */
function judgeDays(at: Met): readonly Finding[] {
  const { item } = at;
  if (!isSpecial(at) || item.properties.length === 0) return [];
  const [from, through] = ['validFrom', 'validThrough'].map((name) => propertyOf(item, name));
  if (from && through) return [];
  const meant = propertiesMeant(item);
  if (meant.has('validFrom') || meant.has('validThrough')) return [];
  const given = from ?? through;
  const name = from ? 'validThrough' : 'validFrom';
  const what = from
    ? 'validThrough is missing: these special hours begin and never end.'
    : through
      ? 'validFrom is missing: these special hours have always been and end that day.'
      : 'validFrom is missing, and validThrough: special hours of no day are none.';
  const write = given ? ' Write the same day where they are for one alone.' : ' Give both.';
  return [
    finding('guideline/incomplete', what + write, placeOfMissing(item, name), name, {
      edits: given ? sameDay(given, name) : null,
      guess: true,
    }),
  ];
}

/** The currency said before the price, where JSON says the price. */
function withCurrency(item: ReadItem, currency: string): readonly Edit[] | null {
  const price = item.properties.find(({ name }) => /price$/i.test(name));
  return price && currency ? alsoSaid(price, 'priceCurrency', currency) : null;
}

const propertyOf = ({ properties }: ReadItem, name: string): ReadProperty | undefined =>
  properties.find((one) => one.name === name);

/** The day that one name of JSON says, said by another; null where it is none, or stands elsewhere. */
function sameDay(property: ReadProperty, name: string): readonly Edit[] | null {
  const { value } = property;
  const day = value.kind === 'text' && /^\d{4}-\d\d-\d\d$/.test(value.text) ? value.text : '';
  return day ? alsoSaid(property, name, day) : null;
}

/** Another name of JSON with its text, before one that stands there; null where that stands elsewhere. */
const alsoSaid = (
  { namePlace: { start }, value }: ReadProperty,
  name: string,
  text: string,
): readonly Edit[] | null =>
  value.kind === 'text' && value.holder === 'json'
    ? [{ start, end: start, text: `${jsonString(name)}: ${jsonString(text)}, ` }]
    : null;

/** The name that a search asks for, in its address and in its input: "…?q={words}", "required name=words". */
function judgeQuery({ item }: Met): readonly Finding[] {
  if (!isOf(item, 'SearchAction')) return [];
  const property = propertyOf(item, 'query-input');
  const [target] = valuesOf(item, 'target');
  const template = target?.kind === 'item' ? textOf(target.item, 'urlTemplate') : textOf(item, 'target');
  if (property?.value.kind !== 'text' || !template) return [];
  const [, asked = ''] = /\bname\s*=\s*["']?([\w.-]{1,100})/.exec(property.value.text.slice(0, 500)) ?? [];
  if (!asked || template.includes(`{${asked}}`)) return [];
  const [, written = ''] = /\{([\w.-]{1,100})\}/.exec(template.slice(0, 2000)) ?? [];
  const message = written
    ? `The search asks for “${asked}”, and its address has {${written}}: nothing searched for gets there. Write the same name in both.`
    : `The search asks for “${asked}”, and its address has no {${asked}}: nothing searched for gets there.`;
  return [finding('guideline/incomplete', message, property.value.place, property.name)];
}
