/** What a guideline asks of an item, as data, so that another profile can stand beside this one. */
export interface Profile {
  readonly name: string;
  readonly wants: readonly Want[];
}

export interface Want {
  /** One of these properties must be there; the first one is the one to name. */
  readonly properties: readonly [string, ...string[]];
  readonly weight: 'required' | 'recommended' | 'worth-having';
  /** Asked only of this type and its subtypes. */
  readonly of?: string;
  readonly why: string;
}

export const localBusinessProfile: Profile = {
  name: 'local business',
  wants: [
    {
      properties: ['name'],
      weight: 'required',
      why: 'Without its name a machine cannot tell which business this is.',
    },
    { properties: ['address'], weight: 'required', why: 'Without an address it is no place of business.' },
    { properties: ['telephone'], weight: 'recommended', why: 'Give it with country and area code.' },
    { properties: ['url'], weight: 'recommended', why: 'Give the address of this branch’s own page.' },
    {
      properties: ['geo'],
      weight: 'recommended',
      why: 'Give latitude and longitude with at least five decimals.',
    },
    {
      properties: ['openingHoursSpecification', 'openingHours'],
      weight: 'recommended',
      why: 'Visitors ask first whether it is open.',
    },
    {
      properties: ['image', 'photo', 'logo'],
      weight: 'recommended',
      why: 'Give the whole address of a picture of the place.',
    },
    {
      properties: ['priceRange'],
      weight: 'recommended',
      why: 'One to four currency signs, or a range of amounts.',
    },
    {
      properties: ['servesCuisine'],
      weight: 'recommended',
      of: 'FoodEstablishment',
      why: 'Name the kind of food.',
    },
    {
      properties: ['hasMenu', 'menu'],
      weight: 'recommended',
      of: 'FoodEstablishment',
      why: 'Give the address of the menu.',
    },
    {
      properties: ['acceptsReservations'],
      weight: 'recommended',
      of: 'FoodEstablishment',
      why: 'Say whether tables can be reserved.',
    },
    {
      properties: ['aggregateRating', 'review'],
      weight: 'worth-having',
      why: 'Only where others rated it and the page shows it; never invent one.',
    },
  ],
};
