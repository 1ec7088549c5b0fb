import { addressParts, countryCode, emptyAddress } from '#core/address';
import {
  closedSpan,
  dayNamed,
  days,
  emptyHours,
  readOpeningHoursText,
  writeDay,
  writeSpecialWeek,
  writeWeek,
  type Day,
  type Span,
} from '#core/hours';
import { emptyRecord, type BusinessRecord } from '#core/record';
import { isSubtype, typeNamed } from '#core/vocabulary';
import { itemsOf, textOf, valuesOf, type ReadItem } from './item.ts';

/** Whether an item describes a business: a LocalBusiness, or an Organization of any other kind. */
export const isBusiness = (item: ReadItem): boolean =>
  item.types.some((type) => isSubtype(type, 'Organization') || isSubtype(type, 'LocalBusiness'));

/** The items that describe a business, those nested in other items (such as `about` of a page) included. */
export function businessesIn(items: readonly ReadItem[]): readonly ReadItem[] {
  const byStart = new Map<number, ReadItem>();
  const visit = (item: ReadItem, depth: number): void => {
    if (isBusiness(item)) {
      if (!byStart.has(item.place.start)) byStart.set(item.place.start, item);
    } else if (depth < 8)
      for (const { value } of item.properties) if (value.kind === 'item') visit(value.item, depth + 1);
  };
  // An item that stands by itself comes before a reference to it, which is not followed as deep.
  for (const item of items) if (isBusiness(item)) visit(item, 0);
  for (const item of items) visit(item, 0);
  const order = new Map(items.map((item, at) => [item.place.start, at]));
  const found = [...byStart.values()].sort(
    (a, b) => (order.get(a.place.start) ?? items.length) - (order.get(b.place.start) ?? items.length),
  );
  const [local, placed, others]: [ReadItem[], ReadItem[], ReadItem[]] = [[], [], []];
  for (const item of found) {
    if (item.types.some((type) => isSubtype(type, 'LocalBusiness'))) local.push(item);
    else (valuesOf(item, 'address').length > 0 ? placed : others).push(item);
  }
  return [...local, ...placed, ...others];
}

const records = new WeakMap<ReadItem, BusinessRecord>();

/** The record that an item of markup describes. What the record has no fact for is left out. */
export function recordFromItem(item: ReadItem): BusinessRecord {
  // Several families of rules ask for the same item's.
  const known = records.get(item) ?? readRecord(item);
  records.set(item, known);
  return known;
}

function readRecord(item: ReadItem): BusinessRecord {
  const text = (name: string): string => addressesOf(item, name)[0] ?? '';
  const [address] = itemsOf(item, 'address');
  const [geo] = itemsOf(item, 'geo');
  const [organization] = itemsOf(item, 'parentOrganization');
  const [rating] = itemsOf(item, 'aggregateRating');
  return {
    ...emptyRecord,
    ...contactFrom(item),
    ...offerFrom(item),
    name: textOf(item, 'name').trim(),
    alternateName: addressesOf(item, 'alternateName'),
    legalName: text('legalName'),
    types: item.types.filter((type) => typeNamed(type)),
    additionalType: addressesOf(item, 'additionalType'),
    description: text('description'),
    slogan: text('slogan'),
    id: item.id ?? '',
    url: text('url'),
    branchCode: text('branchCode'),
    vatID: text('vatID'),
    taxID: text('taxID'),
    parentOrganization: organization
      ? {
          name: textOf(organization, 'name').trim(),
          url: textOf(organization, 'url').trim(),
          id: organization.id ?? '',
          logo: addressesOf(organization, 'logo')[0] ?? '',
        }
      : { ...emptyRecord.parentOrganization, name: text('parentOrganization') },
    address: address
      ? addressFrom(address)
      : { ...emptyAddress, streetAddress: textOf(item, 'address').trim() },
    pin: geo
      ? {
          ...emptyRecord.pin,
          latitude: textOf(geo, 'latitude').trim(),
          longitude: textOf(geo, 'longitude').trim(),
        }
      : emptyRecord.pin,
    hasMap: text('hasMap'),
    areaServed: namedFrom(item, 'areaServed'),
    hours: hoursFrom(item),
    specialHours: specialHoursFrom(item),
    aggregateRating: rating
      ? {
          ratingValue: textOf(rating, 'ratingValue').trim(),
          reviewCount: (textOf(rating, 'reviewCount') || textOf(rating, 'ratingCount')).trim(),
          bestRating: textOf(rating, 'bestRating').trim(),
        }
      : emptyRecord.aggregateRating,
    founder: namedFrom(item, 'founder'),
    sameAs: addressesOf(item, 'sameAs'),
    logo: text('logo'),
    image: imagesFrom(item),
  };
}

/** The texts of a property; of items their address or `@id`. */
function addressesOf(item: ReadItem, name: string): string[] {
  return valuesOf(item, name).flatMap((value) => {
    const text =
      value.kind === 'text'
        ? value.text.trim()
        : textOf(value.item, 'url') ||
          textOf(value.item, 'contentUrl') ||
          textOf(value.item, 'name') ||
          (value.item.id ?? '');
    return text ? [text] : [];
  });
}

/** Values that are a text, or an item with a name and an address. */
function namedFrom(item: ReadItem, name: string): { name: string; url: string }[] {
  return valuesOf(item, name).flatMap((value) => {
    const entry =
      value.kind === 'text'
        ? { name: value.text.trim(), url: '' }
        : {
            name: textOf(value.item, 'name').trim(),
            url: (textOf(value.item, 'sameAs') || textOf(value.item, 'url')).trim(),
          };
    return entry.name || entry.url ? [entry] : [];
  });
}

function imagesFrom(item: ReadItem): BusinessRecord['image'] {
  return valuesOf(item, 'image').flatMap((value) => {
    if (value.kind === 'text')
      return value.text.trim() ? [{ url: value.text.trim(), caption: '', width: '', height: '' }] : [];
    const [width, height] = (['width', 'height'] as const).map((name) => textOf(value.item, name).trim());
    const url =
      (textOf(value.item, 'url') || textOf(value.item, 'contentUrl')).trim() || (value.item.id ?? '');
    const caption = (textOf(value.item, 'caption') || textOf(value.item, 'description')).trim();
    return url || caption ? [{ url, caption, width: width ?? '', height: height ?? '' }] : [];
  });
}

/** Contact points of our own kinds become their facts, others stay contact points. */
function contactFrom(item: ReadItem): Partial<BusinessRecord> {
  const found = {
    telephone: textOf(item, 'telephone').trim(),
    faxNumber: textOf(item, 'faxNumber').trim(),
    email: textOf(item, 'email')
      .trim()
      .replace(/^mailto:/i, ''),
    mobile: '',
    messaging: '',
    messagingText: '',
    contactPage: '',
    contactPoint: [] as BusinessRecord['contactPoint'],
  };
  for (const point of itemsOf(item, 'contactPoint')) {
    const [contactType = '', telephone = '', email = '', url = ''] = [
      'contactType',
      'telephone',
      'email',
      'url',
    ].map((name) => textOf(point, name).trim());
    if (contactType === 'mobile' && !found.mobile && !email && !url) found.mobile = telephone;
    else if (contactType === 'messaging' && !found.messaging && !email) {
      found.messaging = telephone;
      found.messagingText = messageOf(url);
    } else if (contactType === 'contact page' && !found.contactPage && !telephone && !email)
      found.contactPage = url;
    else if (contactType || telephone || email || url)
      found.contactPoint = [...found.contactPoint, { contactType, telephone, email, url }];
  }
  return found;
}

/** The text in an `sms:` address (RFC 5724). */
function messageOf(address: string): string {
  const body = /^sms:[^?]*\?(?:.*&)?body=([^&]*)/i.exec(address)?.[1] ?? '';
  try {
    return decodeURIComponent(body).trim();
  } catch {
    return body;
  }
}

function offerFrom(item: ReadItem): Partial<BusinessRecord> {
  const text = (name: string): string => textOf(item, name).trim();
  const target = (type: string): string => {
    const action = itemsOf(item, 'potentialAction').find(({ types }) => types.includes(type));
    const [entry] = action ? itemsOf(action, 'target') : [];
    return action
      ? (entry ? textOf(entry, 'urlTemplate') || textOf(entry, 'url') : textOf(action, 'target')).trim()
      : '';
  };
  const accepts = text('acceptsReservations').replace(/^https?:\/\/schema\.org\//, '');
  return {
    priceRange: text('priceRange'),
    currenciesAccepted: valuesOf(item, 'currenciesAccepted')
      .flatMap((value) => (value.kind === 'text' ? [value.text.trim()] : []))
      .join(', '),
    paymentAccepted: valuesOf(item, 'paymentAccepted')
      .flatMap((value) => (value.kind === 'text' ? [value.text.trim()] : []))
      .join(', '),
    servesCuisine: addressesOf(item, 'servesCuisine'),
    hasMenu: addressesOf(item, 'hasMenu')[0] ?? addressesOf(item, 'menu')[0] ?? '',
    acceptsReservations: /^(yes|true)$/i.test(accepts)
      ? 'yes'
      : /^(no|false)$/i.test(accepts)
        ? 'no'
        : accepts,
    makesOffer: servicesFrom(item),
    department: itemsOf(item, 'department').map((department) => ({
      name: textOf(department, 'name').trim(),
      type: department.types[0] ?? '',
      telephone: textOf(department, 'telephone').trim(),
      url: textOf(department, 'url').trim(),
      hours: writeWeek(hoursFrom(department)),
    })),
    orderAction: target('OrderAction'),
    reserveAction: target('ReserveAction'),
    review: itemsOf(item, 'review').map((review) => {
      const [author] = itemsOf(review, 'author');
      const [rating] = itemsOf(review, 'reviewRating');
      return {
        author: (author ? textOf(author, 'name') : textOf(review, 'author')).trim(),
        ratingValue: rating ? textOf(rating, 'ratingValue').trim() : '',
        datePublished: textOf(review, 'datePublished').trim(),
        reviewBody: textOf(review, 'reviewBody').trim(),
      };
    }),
  };
}

/** Services of `makesOffer` and of catalogues at any depth. */
function servicesFrom(item: ReadItem): BusinessRecord['makesOffer'] {
  const offers = [...itemsOf(item, 'makesOffer')];
  const open = (catalog: ReadItem, depth: number): void => {
    for (const element of itemsOf(catalog, 'itemListElement')) {
      if (element.types.includes('OfferCatalog') && depth < 4) open(element, depth + 1);
      else offers.push(element);
    }
  };
  for (const catalog of itemsOf(item, 'hasOfferCatalog')) open(catalog, 0);
  return offers.flatMap((offer) => {
    const service = itemsOf(offer, 'itemOffered')[0] ?? offer;
    const entry = {
      name: textOf(service, 'name').trim(),
      url: (textOf(service, 'url') || textOf(offer, 'url')).trim(),
      description: textOf(service, 'description').trim(),
    };
    return entry.name || entry.url || entry.description ? [entry] : [];
  });
}

function addressFrom(item: ReadItem): BusinessRecord['address'] {
  const parts = addressParts.map((part) => {
    const [country] = part === 'addressCountry' ? itemsOf(item, part) : [];
    const text = (country ? textOf(country, 'name') : textOf(item, part)).trim();
    return [part, part === 'addressCountry' ? countryCode(text) || text : text] as const;
  });
  return { ...emptyAddress, ...Object.fromEntries(parts) };
}

const isDated = (specification: ReadItem): boolean =>
  textOf(specification, 'validFrom').trim() !== '' || textOf(specification, 'validThrough').trim() !== '';

/** The span of a specification; undefined where it does not say both ends. */
function spanOf(specification: ReadItem): Span | undefined {
  const [opens, closes] = [
    textOf(specification, 'opens').trim().slice(0, 5),
    textOf(specification, 'closes').trim().slice(0, 5),
  ];
  return opens && closes ? { opens, closes } : undefined;
}

const daysNamedIn = (specification: ReadItem): readonly Day[] =>
  valuesOf(specification, 'dayOfWeek').flatMap((value) =>
    value.kind === 'text' ? (dayNamed(value.text) ?? []) : [],
  );

/** Collects spans by day and writes each day as the record does. */
class Week {
  readonly #spans = new Map<Day, Span[]>();

  add(named: readonly Day[], span: Span): void {
    for (const day of named) this.#spans.set(day, [...(this.#spans.get(day) ?? []), span]);
  }

  hours(): BusinessRecord['hours'] {
    const written = [...this.#spans].map(
      ([day, all]) =>
        [
          day,
          writeDay(
            all.filter(({ opens, closes }) => opens !== closes).sort((a, b) => (a.opens < b.opens ? -1 : 1)),
          ),
        ] as const,
    );
    return { ...emptyHours, ...Object.fromEntries(written) };
  }
}

/** The weekly hours of `openingHoursSpecification` and `openingHours`; dated ones are `specialHoursFrom`. */
export function hoursFrom(item: ReadItem): BusinessRecord['hours'] {
  const week = new Week();
  for (const specification of itemsOf(item, 'openingHoursSpecification')) {
    const span = isDated(specification) ? undefined : spanOf(specification);
    if (span) week.add(daysNamedIn(specification), span);
  }
  for (const value of valuesOf(item, 'openingHours')) {
    const read = value.kind === 'text' ? readOpeningHoursText(value.text) : undefined;
    for (const span of read?.spans ?? []) week.add(read?.days ?? [], span);
  }
  return week.hours();
}

/** Dated exceptions: specifications with the same name and dates together. Without hours a place is closed. */
function specialHoursFrom(item: ReadItem): BusinessRecord['specialHours'] {
  const found = new Map<string, { name: string; from: string; through: string; week: Week }>();
  for (const specification of [
    ...itemsOf(item, 'openingHoursSpecification'),
    ...itemsOf(item, 'specialOpeningHoursSpecification'),
  ]) {
    if (!isDated(specification)) continue;
    const [name = '', first = '', last = ''] = ['name', 'validFrom', 'validThrough'].map((one) =>
      textOf(specification, one).trim(),
    );
    const [from, through] = [(first || last).slice(0, 10), (last || first).slice(0, 10)];
    const key = `${name}\n${from}\n${through}`;
    const entry = found.get(key) ?? {
      name,
      from,
      through: through === from ? '' : through,
      week: new Week(),
    };
    const named = daysNamedIn(specification);
    entry.week.add(named.length > 0 ? named : days, spanOf(specification) ?? closedSpan);
    found.set(key, entry);
  }
  return [...found.values()].map(({ week, ...dates }) => ({
    ...dates,
    hours: writeSpecialWeek(week.hours()),
  }));
}
