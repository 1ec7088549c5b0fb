import { addressParts, countryCode, isEmptyAddress } from '#core/address';
import {
  closedSpan,
  datesOf,
  shortDays,
  groupDays,
  readWeek,
  specialDays,
  writeDay,
  type Day,
  type Hours,
  type Span,
} from '#core/hours';
import { machineForms, messagingAddress } from '#core/phone';
import { readDegrees, writeDegrees } from '#core/pin';
import { countryOf, factHead, type BusinessRecord, type Fact } from '#core/record';
import { plainText } from '#core/text';
import { isSubtype } from '#core/vocabulary';

/** What the record says in the words of schema.org, before any syntax. Blank facts are left out. */
export interface MarkupItem {
  readonly types: readonly string[];
  readonly id: string;
  readonly properties: readonly MarkupProperty[];
}

export interface MarkupProperty {
  readonly name: string;
  /** The facts it is made from: its lines in the output belong to them. */
  readonly facts: readonly Fact[];
  readonly values: readonly MarkupValue[];
}

export type MarkupValue =
  | { readonly kind: 'text'; readonly text: string }
  | { readonly kind: 'link'; readonly text: string }
  | { readonly kind: 'number'; readonly text: string }
  | { readonly kind: 'item'; readonly item: MarkupItem };

export interface ItemChoices {
  /** Keys of the record that are left out. */
  readonly leftOut?: readonly string[];
  readonly hoursForm?: 'long' | 'short';
}

const text = (value: string): MarkupValue => ({ kind: 'text', text: plainText(value) });
const link = (value: string): MarkupValue => ({ kind: 'link', text: plainText(value) });
const number = (value: string): MarkupValue => ({
  kind: isJsonNumber(plainText(value)) ? 'number' : 'text',
  text: plainText(value),
});

/** A number as JSON writes it. Trailing zeros are kept: "48.50000" says how exact the pin is. */
const isJsonNumber = (written: string): boolean => /^-?(0|[1-9]\d*)(\.\d+)?$/.test(written);

type Property = readonly [name: string, values: readonly MarkupValue[], facts?: readonly Fact[]];

/** An item of the properties that say something. */
function item(
  types: readonly string[],
  properties: readonly Property[],
  facts: readonly Fact[],
  id = '',
): MarkupItem {
  const said: MarkupProperty[] = [];
  for (const [name, values, own = facts] of properties) {
    if (values.length === 0) continue;
    const [only] = values;
    const kept =
      values.length === 1 && only ? (saysSomething(only) ? values : []) : values.filter(saysSomething);
    if (kept.length > 0) said.push({ name, facts: own, values: kept });
  }
  return { types, id: plainText(id), properties: said };
}

const saysSomething = (value: MarkupValue): boolean =>
  value.kind === 'item' ? value.item.properties.length > 0 : value.text !== '';

const nested = (
  types: string | readonly string[],
  properties: readonly Property[],
  facts: readonly Fact[],
  id = '',
): MarkupValue => ({
  kind: 'item',
  item: item(typeof types === 'string' ? [types] : types, properties, facts, id),
});

/** The types to write: the record's own, with LocalBusiness beside them where none of them is one. */
export function markupTypes(types: readonly string[]): readonly string[] {
  return types.some((type) => isSubtype(type, 'LocalBusiness')) ? types : [...types, 'LocalBusiness'];
}

/** A telephone number as markup writes it: international where it can be read, else as typed. */
export const telephoneText = (typed: string, country: string): string =>
  machineForms(typed, country)?.international ?? plainText(typed);

/** The main telephone number as markup writes it. */
export const markupTelephone = (record: BusinessRecord): string =>
  telephoneText(record.telephone, countryOf(record));

/** "Yes" or "No", or an address where to reserve. */
export function reservations(typed: string): string {
  const written = plainText(typed);
  if (/^(yes|true)$/i.test(written)) return 'Yes';
  return /^(no|false)$/i.test(written) ? 'No' : written;
}

/** The record as one item of schema.org, in a fixed order. */
export function businessItem(
  record: BusinessRecord,
  { leftOut = [], hoursForm = 'long' }: ItemChoices = {},
): MarkupItem {
  const properties: Property[] = [
    ...identity(record),
    ...contact(record),
    ...place(record),
    ...(hoursForm === 'short' ? shortHours(record) : longHours(record)),
    ...offer(record),
    ...peopleAndImages(record),
  ];
  if (leftOut.length === 0) return item(markupTypes(record.types), properties, [], record.id);
  const kept = properties.filter(([, , facts]) => !facts?.some((fact) => leftOut.includes(factHead(fact))));
  return item(markupTypes(record.types), kept, [], leftOut.includes('id') ? '' : record.id);
}

function identity(record: BusinessRecord): readonly Property[] {
  const { name, url, id, logo } = record.parentOrganization;
  const organization: readonly Property[] = [
    ['name', [text(name)], ['parentOrganization.name']],
    ['url', [link(url)], ['parentOrganization.url']],
    ['logo', [link(logo)], ['parentOrganization.logo']],
  ];
  return [
    ['name', [text(record.name)], ['name']],
    ['alternateName', record.alternateName.map(text), ['alternateName']],
    ['legalName', [text(record.legalName)], ['legalName']],
    ['additionalType', record.additionalType.map(link), ['additionalType']],
    ['url', [link(record.url)], ['url']],
    ['slogan', [text(record.slogan)], ['slogan']],
    ['description', [text(record.description)], ['description']],
    ['branchCode', [text(record.branchCode)], ['branchCode']],
    ['vatID', [text(record.vatID)], ['vatID']],
    ['taxID', [text(record.taxID)], ['taxID']],
    [
      'parentOrganization',
      [nested('Organization', organization, ['parentOrganization.name'], id)],
      ['parentOrganization.name', 'parentOrganization.id'],
    ],
  ];
}

function contact(record: BusinessRecord): readonly Property[] {
  const country = countryOf(record);
  const number = (typed: string): MarkupValue => text(telephoneText(typed, country));
  const point = (contactType: string, properties: readonly Property[], facts: readonly Fact[]): MarkupValue =>
    nested(
      'ContactPoint',
      properties.some(([, values]) => values.some((value) => value.kind !== 'item' && value.text))
        ? [['contactType', [text(contactType)]], ...properties]
        : [],
      facts,
    );
  const messaging = machineForms(record.messaging, country);
  return [
    ['telephone', [number(record.telephone)], ['telephone']],
    ['faxNumber', [number(record.faxNumber)], ['faxNumber']],
    ['email', [text(record.email)], ['email']],
    ['contactPoint', [point('mobile', [['telephone', [number(record.mobile)]]], ['mobile'])], ['mobile']],
    [
      'contactPoint',
      [
        point(
          'messaging',
          [
            ['telephone', [text(messaging?.international ?? record.messaging)]],
            ['url', [link(messaging ? messagingAddress(messaging, plainText(record.messagingText)) : '')]],
          ],
          ['messaging', 'messagingText'],
        ),
      ],
      ['messaging', 'messagingText'],
    ],
    [
      'contactPoint',
      [point('contact page', [['url', [link(record.contactPage)]]], ['contactPage'])],
      ['contactPage'],
    ],
    [
      'contactPoint',
      record.contactPoint.map(({ contactType, telephone, email, url }) =>
        nested(
          'ContactPoint',
          [
            ['contactType', [text(contactType)]],
            ['telephone', [number(telephone)]],
            ['email', [text(email)]],
            ['url', [link(url)]],
          ],
          ['contactPoint'],
        ),
      ),
      ['contactPoint'],
    ],
  ];
}

function place(record: BusinessRecord): readonly Property[] {
  const { address, pin } = record;
  const parts = addressParts.map((part): Property => {
    const value = part === 'addressCountry' ? countryCode(address[part]) || address[part] : address[part];
    return [part, [text(value)], [`address.${part}`]];
  });
  const half = (part: 'latitude' | 'longitude'): Property => {
    const degrees = writeDegrees(pin[part]);
    return [part, [readDegrees(degrees) === undefined ? text(degrees) : number(degrees)], [`pin.${part}`]];
  };
  return [
    [
      'address',
      isEmptyAddress(address) ? [] : [nested('PostalAddress', parts, [])],
      ['address.streetAddress'],
    ],
    ['geo', [nested('GeoCoordinates', [half('latitude'), half('longitude')], [])], ['pin.latitude']],
    ['hasMap', [link(record.hasMap)], ['hasMap']],
    [
      'areaServed',
      record.areaServed.map(({ name, url }) =>
        plainText(url)
          ? nested(
              'Place',
              [
                ['name', [text(name)]],
                ['sameAs', [link(url)]],
              ],
              ['areaServed'],
            )
          : text(name),
      ),
      ['areaServed'],
    ],
  ];
}

/** "Mo-Fr 09:00-17:00": the texts of openingHours. They cannot say closed days, names or dates. */
function shortHours({ hours }: BusinessRecord): readonly Property[] {
  const texts = groupDays(hours).flatMap(({ days: grouped, spans }) => {
    const facts = grouped.map((day): Fact => `hours.${day}`);
    const named = shortDays(grouped);
    return spans.map(({ opens, closes }) => ({ written: `${named} ${opens}-${closes}`, facts }));
  });
  return texts.map(({ written, facts }): Property => ['openingHours', [text(written)], facts]);
}

function longHours(record: BusinessRecord): readonly Property[] {
  return [
    ['openingHoursSpecification', weekItems(record.hours, (day) => `hours.${day}`), ['hours.Monday']],
    ['openingHoursSpecification', specialItems(record), ['specialHours']],
  ];
}

/** The specifications of a week. */
export function weekItems(hours: Hours, factOf: (day: Day) => Fact): readonly MarkupValue[] {
  return groupDays(hours).flatMap(({ days: grouped, spans }) => {
    const facts = grouped.map(factOf);
    return (spans.length > 0 ? spans : [closedSpan]).map((span) =>
      specification(span, facts, [['dayOfWeek', grouped.map(text)]]),
    );
  });
}

function specialItems({ specialHours }: BusinessRecord): readonly MarkupValue[] {
  return specialHours.flatMap((special) => {
    const dates = datesOf(special);
    if (!dates) return [];
    const extra: readonly Property[] = [
      ['name', [text(special.name)]],
      ['validFrom', [text(dates.from)]],
      ['validThrough', [text(dates.through)]],
    ];
    return specialGroups(special).flatMap(({ grouped, spans }) =>
      (spans.length > 0 ? spans : [closedSpan]).map((span) =>
        specification(
          span,
          ['specialHours'],
          [...(grouped.length < 7 ? [['dayOfWeek', grouped.map(text)] as const] : []), ...extra],
        ),
      ),
    );
  });
}

/** The days of an exception, those with equal spans together. */
export function specialGroups(
  special: BusinessRecord['specialHours'][number],
): readonly { readonly grouped: readonly Day[]; readonly spans: readonly Span[] }[] {
  const groups = new Map<string, { grouped: Day[]; spans: readonly Span[] }>();
  for (const [day, spans] of specialDays(special)) {
    const group = groups.get(writeDay(spans)) ?? { grouped: [], spans };
    group.grouped.push(day);
    groups.set(writeDay(spans), group);
  }
  return [...groups.values()];
}

function specification(
  { opens, closes }: Span,
  facts: readonly Fact[],
  around: readonly Property[],
): MarkupValue {
  return nested(
    'OpeningHoursSpecification',
    [...around, ['opens', [text(opens)]], ['closes', [text(closes)]]],
    facts,
  );
}

function offer(record: BusinessRecord): readonly Property[] {
  const country = countryOf(record);
  const accepts = reservations(record.acceptsReservations);
  const action = (type: string, address: string, fact: Fact): Property => [
    'potentialAction',
    [nested(type, [['target', [nested('EntryPoint', [['urlTemplate', [text(address)]]], [fact])]]], [fact])],
    [fact],
  ];
  const { ratingValue, reviewCount, bestRating } = record.aggregateRating;
  return [
    ['priceRange', [text(record.priceRange)], ['priceRange']],
    ['currenciesAccepted', [text(record.currenciesAccepted)], ['currenciesAccepted']],
    ['paymentAccepted', [text(record.paymentAccepted)], ['paymentAccepted']],
    ['servesCuisine', record.servesCuisine.map(text), ['servesCuisine']],
    ['hasMenu', [link(record.hasMenu)], ['hasMenu']],
    [
      'acceptsReservations',
      [/^https?:/i.test(accepts) ? link(accepts) : text(accepts)],
      ['acceptsReservations'],
    ],
    [
      'makesOffer',
      record.makesOffer.map(({ name, url, description }) =>
        nested(
          'Offer',
          [
            [
              'itemOffered',
              [
                nested(
                  'Service',
                  [
                    ['name', [text(name)]],
                    ['url', [link(url)]],
                    ['description', [text(description)]],
                  ],
                  ['makesOffer'],
                ),
              ],
            ],
          ],
          ['makesOffer'],
        ),
      ),
      ['makesOffer'],
    ],
    [
      'department',
      record.department.map(({ name, type, telephone, url, hours }) =>
        nested(
          plainText(type) || 'LocalBusiness',
          [
            ['name', [text(name)]],
            ['url', [link(url)]],
            ['telephone', [text(telephoneText(telephone, country))]],
            ['openingHoursSpecification', weekItems(readWeek(hours).hours, () => 'department')],
          ],
          ['department'],
        ),
      ),
      ['department'],
    ],
    action('OrderAction', record.orderAction, 'orderAction'),
    action('ReserveAction', record.reserveAction, 'reserveAction'),
    [
      'aggregateRating',
      [
        nested(
          'AggregateRating',
          [
            ['ratingValue', [number(ratingValue)], ['aggregateRating.ratingValue']],
            ['bestRating', [number(bestRating)], ['aggregateRating.bestRating']],
            ['reviewCount', [number(reviewCount)], ['aggregateRating.reviewCount']],
          ],
          [],
        ),
      ],
      ['aggregateRating.ratingValue'],
    ],
    [
      'review',
      record.review.map(({ author, ratingValue: value, datePublished, reviewBody }) =>
        nested(
          'Review',
          [
            ['author', [nested('Person', [['name', [text(author)]]], ['review'])]],
            ['datePublished', [text(datePublished)]],
            ['reviewRating', [nested('Rating', [['ratingValue', [number(value)]]], ['review'])]],
            ['reviewBody', [text(reviewBody)]],
          ],
          ['review'],
        ),
      ),
      ['review'],
    ],
  ];
}

function peopleAndImages(record: BusinessRecord): readonly Property[] {
  return [
    [
      'founder',
      record.founder.map(({ name, url }) =>
        nested(
          'Person',
          [
            ['name', [text(name)]],
            ['sameAs', [link(url)]],
          ],
          ['founder'],
        ),
      ),
      ['founder'],
    ],
    ['sameAs', record.sameAs.map(link), ['sameAs']],
    ['logo', [link(record.logo)], ['logo']],
    ['image', record.image.filter(({ url }) => plainText(url)).map((image) => imageValue(image)), ['image']],
  ];
}

/** A picture: its bare address, or an ImageObject where more is known of it. */
export function imageValue(
  { url, caption, width, height }: BusinessRecord['image'][number],
  id = '',
): MarkupValue {
  if (!id && ![caption, width, height].some((one) => plainText(one))) return link(url);
  return nested(
    'ImageObject',
    [
      ['url', [link(url)]],
      ['caption', [text(caption)]],
      ['width', [number(width)]],
      ['height', [number(height)]],
    ],
    ['image'],
    id,
  );
}

/** An item without any property of its own: a reference to another. */
export const reference = (id: string): MarkupValue => ({
  kind: 'item',
  item: { types: [], id, properties: [] },
});
