/** The invented clients of the demo, their branches and what is known of them. */

type Week = readonly [string, string, string, string, string, string, string];

const hours = ([Monday, Tuesday, Wednesday, Thursday, Friday, Saturday, Sunday]: Week) => ({
  Monday,
  Tuesday,
  Wednesday,
  Thursday,
  Friday,
  Saturday,
  Sunday,
});

/** The same hours from Monday to Friday. */
const weekdays = (text: string, Saturday: string, Sunday: string) =>
  hours([text, text, text, text, text, Saturday, Sunday]);

const holidays = (...days: readonly (readonly [name: string, from: string])[]) =>
  days.map(([name, from]) => ({ name, from, through: '', hours: 'closed' }));

const LARKSPUR = 'https://larkspurvane.example';
const HOLLINS = 'https://hollinsrow.example';
const KILN = 'https://tinderboxkiln.example';

/** What all four branches of the vets share. */
const larkspurDefaults = {
  name: 'Larkspur & Vane Veterinary Care',
  legalName: 'Larkspur & Vane Veterinary Care LLC',
  types: ['VeterinaryCare', 'LocalBusiness'],
  description: 'Small animal medicine, surgery and dentistry in and around Port Ellery.',
  slogan: 'Every creature, every hour',
  parentOrganization: {
    name: 'Larkspur & Vane',
    url: `${LARKSPUR}/`,
    id: `${LARKSPUR}/#organization`,
    logo: `${LARKSPUR}/images/logo.png`,
  },
  address: {
    streetAddress: '',
    addressLocality: '',
    addressRegion: 'WA',
    postalCode: '',
    addressCountry: 'US',
  },
  specialHours: holidays(
    ['Christmas Day', '2026-12-25'],
    ['New Year’s Day', '2027-01-01'],
    ['Independence Day', '2027-07-04'],
  ),
  timeZone: 'America/Los_Angeles',
  email: 'desk@larkspurvane.example',
  contactPage: `${LARKSPUR}/contact.html`,
  priceRange: '$$',
  currenciesAccepted: 'USD',
  paymentAccepted: 'Cash, cards, pet insurance',
  makesOffer: [
    {
      name: 'Vaccination',
      url: `${LARKSPUR}/services/vaccination.html`,
      description: 'First courses and boosters',
    },
    { name: 'Dentistry', url: `${LARKSPUR}/services/dentistry.html`, description: 'Scaling and extractions' },
    { name: 'Surgery', url: `${LARKSPUR}/services/surgery.html`, description: '' },
  ],
  founder: [
    { name: 'Iris Larkspur', url: 'https://social.example/irislarkspur' },
    { name: 'Tobias Vane', url: '' },
  ],
  sameAs: ['https://social.example/larkspurvane'],
  logo: [{ url: `${LARKSPUR}/images/logo.png`, caption: '', width: '', height: '' }],
};

const larkspur = (
  page: string,
  rest: {
    code: string;
    telephone: string;
    street: string;
    town?: string;
    postalCode: string;
    pin: readonly [latitude: string, longitude: string, exactness: 'door' | 'street' | 'town' | ''];
    hours: ReturnType<typeof hours>;
    caption: string;
    map: string;
    more?: object;
  },
) => ({
  id: `${LARKSPUR}/${page}.html#branch`,
  url: `${LARKSPUR}/${page}.html`,
  branchCode: rest.code,
  telephone: rest.telephone,
  address: {
    streetAddress: rest.street,
    addressLocality: rest.town ?? 'Port Ellery',
    addressRegion: '',
    postalCode: rest.postalCode,
    addressCountry: '',
  },
  pin: { latitude: rest.pin[0], longitude: rest.pin[1], origin: 'searched', exactness: rest.pin[2] },
  hasMap: `https://maps.example/place/${rest.map}`,
  hours: rest.hours,
  image: [{ url: `${LARKSPUR}/images/${page}.jpg`, caption: rest.caption, width: '1600', height: '1200' }],
  ...rest.more,
});

const hollinsDefaults = {
  name: 'Hollins Row Opticians',
  types: ['Optician'],
  description: 'Eye tests, spectacles and contact lenses since 1974.',
  parentOrganization: {
    name: 'Hollins Row Opticians',
    url: `${HOLLINS}/`,
    id: `${HOLLINS}/#organization`,
    logo: '',
  },
  address: {
    streetAddress: '',
    addressLocality: '',
    addressRegion: '',
    postalCode: '',
    addressCountry: 'GB',
  },
  specialHours: holidays(
    ['Christmas Day', '2026-12-25'],
    ['Boxing Day', '2026-12-26'],
    ['New Year’s Day', '2027-01-01'],
    ['Good Friday', '2027-03-26'],
  ),
  timeZone: 'Europe/London',
  priceRange: '££',
  currenciesAccepted: 'GBP',
  paymentAccepted: 'Cash, cards',
  vatID: 'GB 999 0321 74',
  makesOffer: [
    { name: 'Eye test', url: `${HOLLINS}/eye-test.html`, description: 'Forty minutes, from £25' },
    { name: 'Contact lenses', url: '', description: '' },
  ],
  logo: [{ url: `${HOLLINS}/logo.png`, caption: '', width: '', height: '' }],
};

export const clients = [
  {
    name: 'Larkspur & Vane Veterinary Care',
    site: 'larkspurvane.example',
    way: 'sftp' as const,
    defaults: larkspurDefaults,
    branches: [
      {
        label: 'Quay Street',
        photos: ['front', 'reception', 'ward', 'surgery'],
        record: larkspur('quay-street', {
          code: 'LV-01',
          telephone: '(360) 555-0142',
          street: '214 Quay Street',
          postalCode: '98299',
          pin: ['48.51234', '-122.61230', 'door'],
          hours: weekdays('08:00-18:00', '09:00-13:00', 'closed'),
          caption: 'The front of the surgery on Quay Street',
          map: 'larkspur-vane-quay-street',
          more: {
            mobile: '(360) 555-0148',
            messaging: '(360) 555-0149',
            messagingText: 'Hello Larkspur & Vane, ',
            faxNumber: '(360) 555-0145',
            sameAs: [
              'https://social.example/larkspurvane',
              'https://directory.example/larkspur-vane-quay-street',
            ],
            department: [
              {
                name: 'Dispensary',
                type: 'Pharmacy',
                telephone: '(360) 555-0147',
                url: `${LARKSPUR}/dispensary.html`,
                hours: 'Mon–Fri 09:00-17:00',
              },
            ],
            reserveAction: `${LARKSPUR}/book.html`,
          },
        }),
      },
      {
        label: 'Night clinic, Gull Lane',
        placed: { page: 'night-clinic.html', telephone: '(360) 555-0143', since: '' },
        photos: ['front', 'ward'],
        record: larkspur('night-clinic', {
          code: 'LV-02',
          telephone: '(360) 555-0143',
          street: '9 Gull Lane, Suite 2',
          postalCode: '98299',
          pin: ['48.51411', '-122.60872', 'door'],
          hours: hours([
            '18:00-02:00',
            '18:00-02:00',
            '18:00-02:00',
            '18:00-02:00',
            '18:00-04:00',
            '24 hours',
            '24 hours',
          ]),
          caption: 'The lamp over the night door in Gull Lane',
          map: 'larkspur-vane-night-clinic',
          more: {
            slogan: 'Awake when they need us',
            contactPoint: [{ contactType: 'emergencies', telephone: '(360) 555-0199', email: '', url: '' }],
            // Nights are never closed: the client's holidays do not hold here.
            withheld: ['specialHours'],
          },
        }),
      },
      {
        label: 'Tallow Bay',
        // Placed before the telephone number changed, and lost when the page was made anew.
        placed: { page: 'tallow-bay.html', telephone: '(360) 555-0150', since: 'lost' },
        photos: ['front', 'reception'],
        record: larkspur('tallow-bay', {
          code: 'LV-03',
          telephone: '(360) 555-0151',
          street: '1180 Tallow Bay Road',
          town: 'Tallow Bay',
          postalCode: '98277',
          pin: ['48.47692', '-122.58325', 'door'],
          hours: hours([
            '09:00-17:00',
            '09:00-17:00',
            '09:00-12:00',
            '09:00-17:00',
            '09:00-17:00',
            'closed',
            'closed',
          ]),
          caption: 'The branch at Tallow Bay from the road',
          map: 'larkspur-vane-tallow-bay',
          more: {
            specialHours: [
              ...larkspurDefaults.specialHours.slice(0, 2),
              { name: 'Winter refit', from: '2027-01-11', through: '2027-02-05', hours: 'closed' },
            ],
            areaServed: [
              { name: 'Tallow Bay', url: 'https://places.example/tallow-bay' },
              { name: 'South shore', url: '' },
            ],
          },
        }),
      },
      {
        label: 'Head office',
        // Somebody has written into what was placed.
        placed: { page: 'index.html', telephone: '(360) 555-0100', since: 'altered' },
        photos: [],
        record: {
          ...larkspur('index', {
            code: 'LV-00',
            telephone: '(360) 555-0100',
            street: '216 Quay Street',
            postalCode: '98299',
            pin: ['48.512', '-122.612', 'street'],
            hours: hours([
              '09:00-17:00',
              '09:00-17:00',
              '09:00-17:00',
              '09:00-17:00',
              '09:00-16:00',
              'closed',
              'closed',
            ]),
            caption: 'Head office, two doors up from the surgery',
            map: 'larkspur-vane-office',
          }),
          id: `${LARKSPUR}/#office`,
          url: `${LARKSPUR}/`,
        },
      },
    ],
  },
  {
    name: 'Tinderbox Kiln Works',
    site: 'tinderboxkiln.example',
    way: 'hand' as const,
    defaults: {},
    branches: [
      {
        label: 'Studio',
        photos: ['front', 'kiln', 'shelf'],
        record: {
          name: 'Tinderbox Kiln Works',
          alternateName: ['Tinderbox Pottery'],
          types: ['LocalBusiness'],
          additionalType: ['https://trades.example/pottery-studio'],
          slogan: 'Clay, fire, patience',
          id: `${KILN}/#studio`,
          url: `${KILN}/`,
          telephone: '+1 360 555 0177',
          email: 'studio@tinderboxkiln.example',
          address: {
            streetAddress: '41 Ropewalk Alley',
            addressLocality: 'Port Ellery',
            addressRegion: 'WA',
            postalCode: '98299',
            addressCountry: 'US',
          },
          pin: { latitude: '48.51602', longitude: '-122.61498', origin: 'dragged', exactness: '' },
          hasMap: 'https://maps.example/place/tinderbox-kiln-works',
          hours: hours([
            'closed',
            '10:00-13:00, 15:00-19:00',
            '10:00-13:00, 15:00-19:00',
            '10:00-13:00, 15:00-21:00',
            '10:00-13:00, 15:00-19:00',
            '09:00-16:00',
            'by appointment',
          ]),
          specialHours: [
            ...holidays(['Thanksgiving', '2026-11-26'], ['Christmas Day', '2026-12-25']),
            {
              name: 'Kiln rebuild',
              from: '2027-02-01',
              through: '2027-02-14',
              hours: 'Mon–Sat 10:00-13:00; Sun closed',
            },
          ],
          timeZone: 'America/Los_Angeles',
          image: [
            {
              url: `${KILN}/img/kiln.jpg`,
              caption: 'The large kiln, open and glowing',
              width: '1600',
              height: '1200',
            },
            {
              url: `${KILN}/img/shelf.jpg`,
              caption: 'Pots drying on two shelves',
              width: '1600',
              height: '1200',
            },
          ],
          logo: [{ url: `${KILN}/img/logo.png`, caption: '', width: '', height: '' }],
          priceRange: '$20–95',
          currenciesAccepted: 'USD',
          paymentAccepted: 'Cash, cards',
          makesOffer: [
            {
              name: 'Wheel class',
              url: `${KILN}/classes.html#wheel`,
              description: 'Six evenings, clay and firing included',
            },
            { name: 'Open kiln evening', url: `${KILN}/classes.html#open`, description: '' },
            { name: 'Glazing and firing', url: '', description: 'By the shelf' },
          ],
          reserveAction: `${KILN}/book.html`,
          founder: [{ name: 'Marit Soot', url: 'https://social.example/maritsoot' }],
          sameAs: ['https://social.example/tinderboxkiln'],
          description:
            'A pottery studio with open kilns: wheel classes, hand building, glazing and firing for makers of every age.',
        },
      },
    ],
  },
  {
    name: 'Hollins Row Opticians',
    site: 'hollinsrow.example',
    way: 'webdav' as const,
    defaults: hollinsDefaults,
    branches: [
      {
        label: 'Saltby',
        photos: ['front', 'frames'],
        record: {
          id: `${HOLLINS}/saltby.html#branch`,
          url: `${HOLLINS}/saltby.html`,
          telephone: '020 7946 0321',
          email: 'hello@hollinsrow.example',
          address: {
            streetAddress: '9 Hollins Row',
            addressLocality: 'Saltby',
            addressRegion: '',
            postalCode: 'TQ1 2AB',
            addressCountry: '',
          },
          pin: { latitude: '50.46190', longitude: '-3.52531', origin: 'searched', exactness: 'door' },
          hasMap: 'https://maps.example/place/hollins-row-saltby',
          hours: hours([
            '09:00-17:30',
            '09:00-17:30',
            '09:00-17:30',
            '09:00-19:00',
            '09:00-17:30',
            '09:00-16:00',
            'closed',
          ]),
          image: [
            {
              url: `${HOLLINS}/saltby.jpg`,
              caption: 'The shop window on Hollins Row',
              width: '1600',
              height: '1200',
            },
          ],
          sameAs: ['https://social.example/hollinsrow'],
        },
      },
      {
        label: 'Marl Cross',
        // Placed before the telephone number changed.
        placed: { page: 'marl-cross.html', telephone: '0117 496 0180', since: '' },
        photos: [],
        record: {
          id: `${HOLLINS}/marl-cross.html#branch`,
          url: `${HOLLINS}/marl-cross.html`,
          telephone: '0117 496 0188',
          email: 'marlcross@hollinsrow.example',
          address: {
            streetAddress: '3 Market Place',
            addressLocality: 'Marl Cross',
            addressRegion: '',
            postalCode: 'TQ13 7QP',
            addressCountry: '',
          },
          // The middle of the street: nobody has set it to the door yet.
          pin: { latitude: '50.59135', longitude: '-3.75170', origin: 'searched', exactness: 'street' },
          hasMap: 'https://maps.example/place/hollins-row-marl-cross',
          hours: hours(['09:00-17:00', 'closed', '09:00-17:00', 'closed', '09:00-17:00', 'closed', 'closed']),
          image: [
            {
              url: `${HOLLINS}/marl-cross.jpg`,
              caption: 'The branch on the market place',
              width: '1600',
              height: '1200',
            },
          ],
          sameAs: ['https://social.example/hollinsrow'],
        },
      },
    ],
  },
];
