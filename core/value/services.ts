import { fault } from '#core/fault';
import { itemsOf, itemValue, textOf, textValue, type ReadItem } from '#core/item';
import { plainText } from '#core/text';
import { entries, field, fieldsItem, type Entry } from './entries.ts';
import { plain, textKind, url } from './text.ts';

/** What something costs, and in which currency (ISO 4217): "25 GBP", "£25", "25.50". */
export function readPrice(typed: string): { readonly amount: string; readonly currency: string } {
  const [, before = '', amount = '', behind = ''] =
    /^\s*([^\d\s.,-]{0,4})\s*(\d{1,9}(?:[.,]\d{1,2})?)\s*([^\d\s.,-]{0,4})\s*$/u.exec(typed) ?? [];
  const sign = before || behind;
  const currency = CURRENCY[sign] ?? (/^[A-Z]{3}$/.test(sign) ? sign : '');
  if (!amount || (sign && !currency)) return { amount: plainText(typed), currency: '' };
  return { amount: amount.replace(',', '.'), currency };
}

/** Signs that stand for one currency alone; "$" is that of many countries. */
const CURRENCY: Readonly<Record<string, string>> = {
  '£': 'GBP',
  '€': 'EUR',
  '₹': 'INR',
  '₩': 'KRW',
  zł: 'PLN',
  Kč: 'CZK',
};

const price = textKind(
  'text',
  {
    judge: (value) =>
      !value.trim() || /^\d+(?:\.\d{1,2})?$/.test(readPrice(value).amount)
        ? []
        : [fault('value/price-range', `“${value}” is no price. Write an amount and its currency: 25 GBP.`)],
    told: (value) => Object.values(readPrice(value)).join(' ').trim(),
  },
  60,
);

const serviceFields = {
  name: field('Service', plain, 'A service needs its name.'),
  url: field('Page', url),
  description: field('In a sentence', plain),
};
const offerFields = { ...serviceFields, price: field('Price', price) };

/** What can be had: services in offers (schema.org/Offer), with what they cost. */
export const services = entries('entries', offerFields, {
  write: ({ price: typed, ...entry }, around, facts) => {
    // A price of nothing says nothing.
    const isService = [entry.name, entry.url, entry.description].some((text) => plainText(text));
    const { amount, currency } = readPrice(isService ? typed : '');
    return itemValue(
      'Offer',
      [
        ['itemOffered', [fieldsItem('Service', serviceFields)(entry, around, facts)]],
        ['price', [textValue(amount)]],
        ['priceCurrency', [textValue(currency)]],
      ],
      facts,
    );
  },
  read: servicesOf,
  tells: ({ name, url: page, description }) => Boolean(name || page || description),
});

/** Services of offers and of catalogues at any depth. */
function servicesOf(item: ReadItem, property: string): readonly Entry<keyof typeof offerFields>[] {
  const offers = [...itemsOf(item, property)];
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
      price: [textOf(offer, 'price'), textOf(offer, 'priceCurrency')].join(' ').trim(),
    };
    return entry.name || entry.url || entry.description ? [entry] : [];
  });
}
