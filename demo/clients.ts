/** The invented clients of the demo, their branches and what is known of them. */

const hours = (
  Monday: string,
  Tuesday: string,
  Wednesday: string,
  Thursday: string,
  Friday: string,
  Saturday: string,
  Sunday: string,
) => ({ Monday, Tuesday, Wednesday, Thursday, Friday, Saturday, Sunday });

const vets = {
  types: ['VeterinaryCare', 'LocalBusiness'],
  priceRange: '$$',
  description: 'Small animal medicine, surgery and dentistry in and around Port Ellery.',
};
const larkspurSocial = ['https://social.example/larkspurvane'];

const larkspur = (
  place: string,
  rest: {
    telephone: string;
    street: string;
    town?: string;
    code: string;
    latitude: string;
    longitude: string;
    hours: ReturnType<typeof hours>;
    sameAs?: string[];
  },
) => ({
  ...vets,
  name: 'Larkspur & Vane Veterinary Care',
  id: `https://larkspurvane.example/${place}.html#branch`,
  url: `https://larkspurvane.example/${place}.html`,
  telephone: rest.telephone,
  address: {
    streetAddress: rest.street,
    addressLocality: rest.town ?? 'Port Ellery',
    addressRegion: 'WA',
    postalCode: rest.code,
    addressCountry: 'US',
  },
  pin: { latitude: rest.latitude, longitude: rest.longitude },
  hours: rest.hours,
  image: [`https://larkspurvane.example/images/${place}.jpg`],
  sameAs: [...larkspurSocial, ...(rest.sameAs ?? [])],
});

export const clients = [
  {
    name: 'Larkspur & Vane Veterinary Care',
    site: 'larkspurvane.example',
    branches: [
      {
        label: 'Quay Street',
        photos: ['front', 'reception', 'ward', 'surgery'],
        record: larkspur('quay-street', {
          telephone: '(360) 555-0142',
          street: '214 Quay Street',
          code: '98299',
          latitude: '48.51234',
          longitude: '-122.61230',
          hours: hours(
            '08:00-18:00',
            '08:00-18:00',
            '08:00-18:00',
            '08:00-18:00',
            '08:00-18:00',
            '09:00-13:00',
            'closed',
          ),
          sameAs: ['https://maps.example/place/larkspur-vane-quay-street'],
        }),
      },
      {
        label: 'Night clinic, Gull Lane',
        placed: { page: 'night-clinic.html', telephone: '(360) 555-0143' },
        photos: ['front', 'ward'],
        record: larkspur('night-clinic', {
          telephone: '(360) 555-0143',
          street: '9 Gull Lane, Suite 2',
          code: '98299',
          latitude: '48.51411',
          longitude: '-122.60872',
          hours: hours(
            '18:00-02:00',
            '18:00-02:00',
            '18:00-02:00',
            '18:00-02:00',
            '18:00-04:00',
            '24 hours',
            '24 hours',
          ),
        }),
      },
      {
        label: 'Tallow Bay',
        // Placed before the telephone number changed.
        placed: { page: 'tallow-bay.html', telephone: '(360) 555-0150' },
        photos: ['front', 'reception'],
        record: larkspur('tallow-bay', {
          telephone: '(360) 555-0151',
          street: '1180 Tallow Bay Road',
          town: 'Tallow Bay',
          code: '98277',
          latitude: '48.47320',
          longitude: '-122.58144',
          hours: hours(
            '09:00-17:00',
            '09:00-17:00',
            '09:00-12:00',
            '09:00-17:00',
            '09:00-17:00',
            'closed',
            'closed',
          ),
        }),
      },
      {
        label: 'Head office',
        photos: [],
        record: {
          ...larkspur('index', {
            telephone: '(360) 555-0100',
            street: '216 Quay Street',
            code: '98299',
            latitude: '48.512',
            longitude: '-122.612',
            hours: hours(
              '09:00-17:00',
              '09:00-17:00',
              '09:00-17:00',
              '09:00-17:00',
              '09:00-16:00',
              'closed',
              'closed',
            ),
          }),
          id: 'https://larkspurvane.example/#office',
          url: 'https://larkspurvane.example/',
        },
      },
    ],
  },
  {
    name: 'Tinderbox Kiln Works',
    site: 'tinderboxkiln.example',
    branches: [
      {
        label: 'Studio',
        photos: ['front', 'kiln', 'shelf'],
        record: {
          name: 'Tinderbox Kiln Works',
          types: ['LocalBusiness'],
          id: 'https://tinderboxkiln.example/#studio',
          url: 'https://tinderboxkiln.example/',
          telephone: '+1 360 555 0177',
          address: {
            streetAddress: '41 Ropewalk Alley',
            addressLocality: 'Port Ellery',
            addressRegion: 'WA',
            postalCode: '98299',
            addressCountry: 'US',
          },
          pin: { latitude: '48.51602', longitude: '-122.61498' },
          hours: hours(
            'closed',
            '10:00-13:00, 15:00-19:00',
            '10:00-13:00, 15:00-19:00',
            '10:00-13:00, 15:00-21:00',
            '10:00-13:00, 15:00-19:00',
            '09:00-16:00',
            '',
          ),
          image: [
            'https://tinderboxkiln.example/img/kiln.jpg',
            'https://tinderboxkiln.example/img/shelf.jpg',
          ],
          priceRange: '$20–95',
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
    branches: [
      {
        label: 'Saltby',
        photos: ['front', 'frames'],
        record: {
          name: 'Hollins Row Opticians',
          types: ['Optician'],
          id: 'https://hollinsrow.example/saltby.html#branch',
          url: 'https://hollinsrow.example/saltby.html',
          telephone: '020 7946 0321',
          address: {
            streetAddress: '9 Hollins Row',
            addressLocality: 'Saltby',
            addressRegion: '',
            postalCode: 'TQ1 2AB',
            addressCountry: 'GB',
          },
          pin: { latitude: '50.46190', longitude: '-3.52531' },
          hours: hours(
            '09:00-17:30',
            '09:00-17:30',
            '09:00-17:30',
            '09:00-19:00',
            '09:00-17:30',
            '09:00-16:00',
            'closed',
          ),
          image: ['https://hollinsrow.example/saltby.jpg'],
          priceRange: '££',
          sameAs: ['https://maps.example/place/hollins-row-saltby'],
          description: 'Eye tests, spectacles and contact lenses since 1974.',
        },
      },
      {
        label: 'Marl Cross',
        photos: [],
        record: {
          name: 'Hollins Row Opticians',
          types: ['Optician'],
          id: '',
          url: 'https://hollinsrow.example/marl-cross.html',
          telephone: '0117 496 0188',
          address: {
            streetAddress: '3 Market Place',
            addressLocality: 'Marl Cross',
            addressRegion: '',
            postalCode: 'TQ13 7QP',
            addressCountry: 'GB',
          },
          pin: { latitude: '', longitude: '' },
          hours: hours('09:00-17:00', '', '09:00-17:00', '', '09:00-17:00', '', ''),
          image: [],
          priceRange: '££',
          sameAs: [],
          description: '',
        },
      },
    ],
  },
] as const;
