/** An invented branch with every fact set, for tests and benchmarks. */
export const larkspur = {
  name: 'Larkspur & Vane Veterinary Care',
  types: ['VeterinaryCare', 'LocalBusiness'],
  id: 'https://larkspurvane.example/port-ellery/#branch',
  url: 'https://larkspurvane.example/port-ellery/',
  telephone: '(360) 555-0142',
  address: {
    streetAddress: '214 Quay Street',
    addressLocality: 'Port Ellery',
    addressRegion: 'WA',
    postalCode: '98299',
    addressCountry: 'US',
  },
  pin: { latitude: '48.51234', longitude: '-122.61230' },
  hours: {
    Monday: '08:00-18:00',
    Tuesday: '08:00-18:00',
    Wednesday: '08:00-12:00, 14:00-18:00',
    Thursday: '08:00-18:00',
    Friday: '18:00-02:00',
    Saturday: '24 hours',
    Sunday: 'closed',
  },
  image: ['https://larkspurvane.example/images/port-ellery-front.jpg'],
  priceRange: '$$',
  sameAs: ['https://social.example/larkspurvane', 'https://maps.example/place/larkspur-vane-port-ellery'],
  description: 'Small animal surgery by the harbour, with a night clinic on Fridays.',
};
