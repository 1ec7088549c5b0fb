import {
  action,
  currencies,
  departments,
  enumeration,
  listOf,
  menus,
  plain,
  priceRange,
  rating,
  reviews,
  services,
  yesNoOrUrl,
  type Around,
} from '#core/value';
import { fact, isAmong, partedFact } from '../descriptor.ts';

/** The signs of a price range, from cheap to dear. */
const SIGNS = ['inexpensive', 'moderate', 'expensive', 'high end'] as const;

function signsInWords(text: string): string {
  const signs = /^\s*([$£€¥₹]|kr)\1{0,3}\s*$/.exec(text)?.[0].trim() ?? '';
  const length = signs.startsWith('kr') ? signs.length / 2 : signs.length;
  return length > 0 ? (SIGNS[length - 1] ?? '') : '';
}

/** Whoever comes there pays nothing, or what a law says. */
const FREE = ['GovernmentOffice', 'EmergencyService', 'Library', 'ArchiveOrganization', 'RecyclingCenter'];
/** Who sells over a counter what is made there has neither a cuisine nor a menu, and no table to be reserved. */
const sellsOver = (around: Around): boolean =>
  isAmong(around, 'Bakery', 'IceCreamShop', 'Brewery', 'Distillery', 'Winery') &&
  !isAmong(around, 'Restaurant', 'CafeOrCoffeeShop', 'BarOrPub');

/** What can be had, and what it costs. */
export const offer = {
  priceRange: fact(
    'offer',
    priceRange,
    {
      label: 'Price range',
      about: 'One to four currency signs, or a range of amounts',
      wanted: 'recommended',
      hint: '$$ or $20–60',
      headings:
        'price range;price;price level;prices;preis;preise;preisklasse;gamme de prix;precio;prezzo;prijs',
      usual: true,
      ask: { at: 15, question: 'What does it cost?', how: '$$, or a range: $20–60' },
      look: 'price',
      visible: true,
      property: 'priceRange',
      guideline: { why: 'One to four currency signs, or a range of amounts.' },
      spared: (around) => isAmong(around, ...FREE),
      compared: { first: 7 },
      block: { label: 'Price range', at: 10 },
    },
    { understood: { '': signsInWords } },
  ),
  servesCuisine: fact('offer', listOf(plain), {
    label: 'Cuisine',
    about: 'Kinds of food, one a line',
    wanted: 'recommended',
    of: 'FoodEstablishment',
    headings: 'cuisines;kuche;cucina;cocina',
    ask: { at: 23, question: 'Which kinds of food do you serve?', how: 'One a line' },
    property: 'servesCuisine',
    guideline: { why: 'Name the kind of food.' },
    spared: sellsOver,
    block: { label: 'Cuisine' },
  }),
  hasMenu: fact('offer', menus, {
    label: 'Menu',
    about: 'Addresses of menus, or their sections and dishes',
    wanted: 'recommended',
    of: 'FoodEstablishment',
    headings: 'menu;menu url;menu link;speisekarte;carte;carta',
    ask: { at: 24, question: 'Where is your menu?', how: 'Its whole address' },
    property: 'hasMenu',
    alsoRead: ['menu'],
    guideline: { why: 'Give the address of the menu.', also: ['menu'] },
    spared: sellsOver,
    block: { label: 'Menu' },
  }),
  acceptsReservations: fact('offer', yesNoOrUrl, {
    label: 'Reservations',
    about: 'yes, no, or the address where to reserve',
    wanted: 'recommended',
    of: 'FoodEstablishment',
    hint: 'yes, no, or an address',
    headings: 'reservations;reservation url;booking;reservierung',
    ask: { at: 25, question: 'Can tables be reserved?', how: 'yes, no, or the address where' },
    property: 'acceptsReservations',
    guideline: { why: 'Say whether tables can be reserved.' },
    spared: (around) => sellsOver(around) || isAmong(around, 'CafeOrCoffeeShop', 'FastFoodRestaurant'),
    block: { label: 'Reservations' },
  }),
  currenciesAccepted: fact('offer', currencies, {
    label: 'Currencies',
    about: 'Codes of ISO 4217, such as USD, CAD',
    hint: 'USD, CAD',
    headings: 'currency;currencies;wahrung;devise;moneda;valuta',
    property: 'currenciesAccepted',
    after: 'priceRange',
    block: { label: 'Currencies' },
  }),
  paymentAccepted: fact('offer', enumeration, {
    label: 'Payment',
    about: 'Cash, cards …',
    headings:
      'payment methods;payment;payments;payments accepted;accepted payments;payment types;zahlungsarten;zahlungsmittel;moyens de paiement;formas de pago;metodi di pagamento;betaalmethoden',
    usual: true,
    ask: { at: 16, question: 'How can customers pay?', how: 'Cash, cards' },
    property: 'paymentAccepted',
    after: 'currenciesAccepted',
    block: { label: 'Payment' },
  }),
  makesOffer: fact('offer', services, {
    label: 'Services',
    about: 'What can be had, each with its page',
    headings:
      'services;service;products;products and services;offers;leistungen;dienstleistungen;prestations;servicios;servizi;diensten',
    ask: { at: 17, question: 'What do you offer?', how: 'One a line: Service | address of its page' },
    property: 'makesOffer',
    alsoRead: ['hasOfferCatalog'],
    block: { label: 'Services' },
  }),
  department: fact('offer', departments, {
    label: 'Departments',
    about: 'Parts with a number, page or hours of their own',
    property: 'department',
    block: { label: 'Departments' },
  }),
  orderAction: fact('offer', action('OrderAction'), {
    label: 'Ordering link',
    about: 'Address where to order',
    headings: 'order url;order link;order ahead url;order online;bestelllink',
    property: 'potentialAction',
    block: { label: 'Order' },
  }),
  reserveAction: fact('offer', action('ReserveAction'), {
    label: 'Booking link',
    about: 'Address where to book',
    headings: 'booking url;booking link;appointment url;appointment link;appointments;buchungslink;termin',
    property: 'potentialAction',
    block: { label: 'Book' },
  }),
  aggregateRating: partedFact(
    'offer',
    rating,
    {
      ratingValue: { label: 'Rating', about: 'Only as found on the site' },
      reviewCount: { label: 'Number of reviews', about: 'Only as found on the site' },
      bestRating: { label: 'Best possible rating', about: '5 where nothing is said' },
    },
    {
      whole: 'Rating',
      property: 'aggregateRating',
      facts: ['aggregateRating.ratingValue'],
      changedByPart: true,
      guideline: {
        atMost: 'worth-having',
        why: 'Only where others rated it and the page shows it; never invent one.',
        also: ['review'],
      },
      block: { label: 'Rating' },
    },
  ),
  review: fact('offer', reviews, {
    label: 'Reviews',
    about: 'Only as found on the site',
    property: 'review',
    block: { label: 'Reviews' },
  }),
};
